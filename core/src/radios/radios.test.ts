import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { radioJson } from '../formats/radio-json';
import { emptyPlan, newRadio } from '../plan/create';
import { MODE_DATA, MODE_IDS } from '../plan/modes';
import { edit } from '../plan/edit';
import { putRow } from '../plan/table';
import type { Station } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { describe as describeRadio, descriptionOf } from './describe';
import { GENERIC_KINDS } from './kinds';

const STATION: Station = { ...emptyPlan('').station, callSign: 'QO3VES', dmrId: 9_992_417 };

describe('generic kinds of radios', () => {
  it('are one file each, in a plan as they are, with names of their own', () => {
    const files = readdirSync(join(import.meta.dirname, 'kinds')).filter((name) => name !== 'index.ts');
    expect(files.map((name) => name.replace('.ts', '')).sort()).toEqual(GENERIC_KINDS.map(({ id }) => id).sort());
    const plan = emptyPlan('Kinds');
    for (const kind of GENERIC_KINDS) putRow(plan.kinds, kind);
    expect(validatePlan(plan).problems).toEqual([]);
    expect(new Set(GENERIC_KINDS.map(({ name }) => name)).size).toBe(GENERIC_KINDS.length);
  });

  it('speak every mode between them', () => {
    for (const mode of MODE_IDS) expect(GENERIC_KINDS.some(({ description }) => description[mode] !== null)).toBe(true);
  });

  it.each(GENERIC_KINDS.map((kind) => [kind.name, kind] as const))('%s is handed on and comes back', (_, kind) => {
    const { value, findings } = radioJson.read(radioJson.write(kind, undefined));
    expect(findings).toEqual([]);
    expect(value).toEqual({ name: kind.name, description: kind.description });
  });
});

describe('a description', () => {
  it('has nothing in it of whose radio it is', () => {
    const radio = newRadio('r', 'Handheld', MODE_IDS, STATION);
    expect(JSON.stringify(radio)).toMatch(/QO3VES|9992417/);
    expect(JSON.stringify(descriptionOf(radio))).not.toMatch(/QO3VES|9992417|Handheld/);
  });

  it.each(GENERIC_KINDS.map((kind) => [kind.name, kind] as const))(
    'makes a radio a %s, and whose it is stays',
    (_, { description }) => {
      const plan = emptyPlan('One');
      const radio = newRadio('r', 'Handheld', ['dmr', 'dstar'], STATION);
      radio.dmr!.id = 9_993_106;
      radio.dstar!.suffix = 'BOAT';
      putRow(plan.radios, radio);
      const next = edit(plan, (draft) => describeRadio(draft.radios.byId['r']!, description, STATION)).plan;
      const now = next.radios.byId['r']!;
      expect(validatePlan(next).problems).toEqual([]);
      expect(descriptionOf(now)).toEqual(description);
      expect(now.name).toBe('Handheld');
      if (now.dmr) expect(now.dmr.id).toBe(9_993_106);
      if (now.dstar) expect(now.dstar.suffix).toBe('BOAT');
      // In a mode that it had not it calls as the station does.
      if (now.c4fm) expect(now.c4fm.callSign).toBe('QO3VES');
    },
  );

  it('names its own properties of each mode', () => {
    for (const mode of MODE_IDS)
      for (const key of MODE_DATA[mode].own) expect(MODE_DATA[mode].blanks.radio(STATION)).toHaveProperty(String(key));
  });

  it.each([
    ['no JSON', 'radio', 'syntax'],
    ['another file', '{"format":"yellow-relay-kit"}', '/format'],
    ['a broken figure', radioText({ limits: { channels: 'many' } }), '/radio/limits'],
    ['a letter set that is none', radioText({ letters: 'runes' }), '/radio/letters'],
    ['bands that are none', radioText({ bands: [{ lowHz: 'low' }] }), '/radio/bands'],
    ['a mode that is no block', radioText({ dmr: 7 }), '/radio/dmr'],
  ])('that is %s is refused with its place', (_, text, place) => {
    const { value, findings } = radioJson.read(new TextEncoder().encode(text));
    expect(value).toBeNull();
    expect(findings.map((one) => one.place)).toContain(place);
  });
});

function radioText(change: object): string {
  const { name, description } = GENERIC_KINDS[0]!;
  return JSON.stringify({ format: 'yellow-relay-radio', formatVersion: 1, name, radio: { ...description, ...change } });
}
