import { existsSync } from 'node:fs';

/** The one without windows does the same in little more than half of the time. */
const HEADLESS = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium, kept from looking for anything on the network. */
export const chromium = {
  executablePath: existsSync(HEADLESS) ? HEADLESS : '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--autoplay-policy=no-user-gesture-required',
  ],
};
