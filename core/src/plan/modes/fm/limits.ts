/** FM channel widths in Hz: spacing of 12.5 or 25 kHz. Common practice: by country, a setting. */
export const FM_WIDTHS_HZ = [12_500, 25_000] as const;
