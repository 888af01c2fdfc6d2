/** Spread by a fixed walk, so that every run has the same list. */
export function generatedList(sites: number): string {
  const lines = ['Call;Name;Latitude;Longitude;Freq;Shift;Tone;CC;TS1;TS2'];
  for (let at = 0; at < sites; at += 1) {
    const lat = -60 + ((at * 7919) % 120_000) / 1000;
    const lon = -180 + ((at * 104_729) % 360_000) / 1000;
    const letters = String.fromCharCode(
      65 + (at % 26),
      65 + (Math.floor(at / 26) % 26),
      65 + (Math.floor(at / 676) % 26),
    );
    lines.push(
      `QO${at % 10}${letters};Site ${at};${lat.toFixed(4).replace('.', ',')};${lon.toFixed(4).replace('.', ',')};${(438 + (at % 80) * 0.0125).toFixed(4).replace('.', ',')};-7,6;${at % 3 === 0 ? '88,5' : ''};${at % 16};417;588 591`,
    );
  }
  return `${lines.join('\r\n')}\r\n`;
}
