/** Debian's Chromium, which asks nobody but this machine. */
export const LAUNCH = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--font-render-hinting=none',
    '--no-pings',
    '--disable-domain-reliability',
    '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE localhost, EXCLUDE 127.0.0.1',
  ],
};
