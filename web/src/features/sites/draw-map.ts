/** One frame of the map: coasts, trip and rings under the sites. */
import { geoCircle, geoPath } from 'd3-geo';
import type { Position } from '@relay/core/plan/types';
import type { Label, LabelKind, ScaleBar } from './map-labels';
import { EARTH_KM, type Mark, type Point, radiusOf, toUnit, unitProjection, type View } from './map-view';

export interface Frame {
  view: View;
  /** CSS pixels. */
  width: number;
  height: number;
  /** Device pixels a CSS pixel. */
  ratio: number;
  /** On the unit map. */
  coasts: readonly Path2D[];
  trip: readonly Position[];
  from: Position | null;
  marks: readonly Mark[];
  /** Made with `textWidth` of the same context. */
  labels: readonly Label[];
  scale: ScaleBar | null;
  /** The site that is selected, on the unit map. */
  ringed: Point | null;
  /** The value of a custom property of the theme. */
  colour: (name: string) => string;
}

const SANS = '"Archivo Variable", sans-serif';
const RINGS_KM = [10, 25, 50, 100, 250, 500];
/**
 * Degrees of a great circle a kilometre long on the mean sphere; rings are for the eye, the list has the ellipsoid's
 * figures.
 */
const DEGREES_A_KM = 360 / (2 * Math.PI * EARTH_KM);
const LEAST_RING_PX = 24;
const MOST_RINGS = 4;

/** Rings that fit into the view. */
function ringsFor({ view, width, height }: Frame): number[] {
  const pixels = (km: number) => (km * DEGREES_A_KM * view.k) / 360;
  return RINGS_KM.filter((km) => pixels(km) > LEAST_RING_PX && pixels(km) < Math.max(width, height)).slice(
    0,
    MOST_RINGS,
  );
}

function drawBase(context: CanvasRenderingContext2D, frame: Frame): void {
  const { view, ratio, colour } = frame;
  context.fillStyle = colour('--sea');
  context.fillRect(0, 0, frame.width, frame.height);
  context.setTransform(view.k * ratio, 0, 0, view.k * ratio, view.x * ratio, view.y * ratio);
  context.lineWidth = 1 / view.k;
  context.fillStyle = colour('--raised');
  context.strokeStyle = colour('--coast');
  for (const coast of frame.coasts) {
    context.fill(coast);
    context.stroke(coast);
  }
  const path = geoPath(unitProjection, context);
  if (frame.trip.length > 1) {
    context.beginPath();
    context.lineWidth = 4 / view.k;
    context.strokeStyle = colour('--yellow');
    path({ type: 'LineString', coordinates: frame.trip.map(({ lat, lon }) => [lon, lat]) });
    context.stroke();
  }
  if (frame.from) {
    context.lineWidth = 1 / view.k;
    context.strokeStyle = colour('--ring');
    for (const km of ringsFor(frame)) {
      context.beginPath();
      path(
        geoCircle()
          .center([frame.from.lon, frame.from.lat])
          .radius(km * DEGREES_A_KM)
          .precision(3)(),
      );
      context.stroke();
    }
  }
  context.setTransform(ratio, 0, 0, ratio, 0, 0);
}

function drawMarks(context: CanvasRenderingContext2D, { marks, colour }: Frame): void {
  context.textAlign = 'center';
  context.textBaseline = 'middle';
  context.font = `600 10px ${SANS}`;
  const [ink, paper] = [colour('--ink'), colour('--paper')];
  for (const mark of marks) {
    context.beginPath();
    context.arc(mark.x, mark.y, radiusOf(mark), 0, 2 * Math.PI);
    context.fillStyle = ink;
    context.fill();
    if (mark.count === 1) continue;
    context.fillStyle = paper;
    context.fillText(mark.count > 999 ? `${Math.round(mark.count / 1000)}k` : String(mark.count), mark.x, mark.y + 0.5);
  }
}

const FONTS: Record<LabelKind, string> = {
  land: `italic 600 13px ${SANS}`,
  town: `600 12px ${SANS}`,
  site: `11px ${SANS}`,
};

/** What a label takes, CSS pixels. */
export function textWidth(context: CanvasRenderingContext2D, text: string, kind: LabelKind): number {
  context.font = FONTS[kind];
  return context.measureText(text).width;
}

function drawLabels(context: CanvasRenderingContext2D, { labels, colour }: Frame): void {
  context.textBaseline = 'alphabetic';
  context.lineJoin = 'round';
  context.lineWidth = 3;
  context.strokeStyle = colour('--raised');
  for (const { text, kind, x, y } of labels) {
    context.font = FONTS[kind];
    context.textAlign = kind === 'site' ? 'left' : 'center';
    context.fillStyle = colour(kind === 'town' ? '--ink' : '--ink-soft');
    // A rim of the ground’s colour keeps letters clear of coasts and rings.
    context.strokeText(text, x, y);
    context.fillText(text, x, y);
  }
}

const EDGE = 14;

function drawScale(context: CanvasRenderingContext2D, { height, colour }: Frame, { text, width }: ScaleBar): void {
  const y = height - EDGE;
  context.fillStyle = colour('--raised');
  context.fillRect(EDGE - 6, y - 20, width + 12, 27);
  context.beginPath();
  context.moveTo(EDGE, y - 5);
  context.lineTo(EDGE, y);
  context.lineTo(EDGE + width, y);
  context.lineTo(EDGE + width, y - 5);
  context.lineWidth = 1.5;
  context.strokeStyle = colour('--ink');
  context.stroke();
  context.textAlign = 'left';
  context.textBaseline = 'alphabetic';
  context.font = `11px ${colour('--mono')}`;
  context.fillStyle = colour('--ink');
  context.fillText(text, EDGE + 4, y - 6);
}

function drawHome(context: CanvasRenderingContext2D, frame: Frame, from: Position): void {
  const { view, colour } = frame;
  const { x, y } = toUnit(from);
  context.fillStyle = colour('--ink');
  context.fillRect(x * view.k + view.x - 5, y * view.k + view.y - 5, 10, 10);
  context.textAlign = 'left';
  context.textBaseline = 'alphabetic';
  context.font = `11px ${colour('--mono')}`;
  context.fillStyle = colour('--ink-soft');
  for (const km of ringsFor(frame)) {
    const north = toUnit({ lat: Math.min(85, from.lat + km * DEGREES_A_KM), lon: from.lon });
    context.fillText(`${km} km`, north.x * view.k + view.x + 4, north.y * view.k + view.y - 3);
  }
}

export function drawMap(context: CanvasRenderingContext2D, frame: Frame): void {
  const { view, ratio, ringed } = frame;
  context.setTransform(ratio, 0, 0, ratio, 0, 0);
  drawBase(context, frame);
  drawLabels(context, frame);
  drawMarks(context, frame);
  if (ringed) {
    context.beginPath();
    context.arc(ringed.x * view.k + view.x, ringed.y * view.k + view.y, 9, 0, 2 * Math.PI);
    context.lineWidth = 4;
    context.strokeStyle = frame.colour('--yellow');
    context.stroke();
  }
  if (frame.from) drawHome(context, frame, frame.from);
  if (frame.scale) drawScale(context, frame, frame.scale);
}
