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
  'hotspots/home/profiles',
  'hotspots/home/recall',
  'hotspots/home/file',
  'hotspots/home/set-up',
  'agreement',
  'carry-out',
  'rooms',
  'card',
] as const;
