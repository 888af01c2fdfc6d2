/** Where a plan can be entered. */
export const STOPS = [
  'station',
  'radios',
  'sites',
  'networks',
  'wants',
  'codeplugs',
  'hotspots',
  'hotspots/home/routes',
  'agreement',
  'carry-out',
  'rooms',
  'card',
] as const;
