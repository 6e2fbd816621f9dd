/** How every browser of the tests is started. */
export const BROWSER_ARGS = ['--no-sandbox', '--disable-gpu', '--disable-background-networking'];

/** The browser with windows, tabs and notices of the system; the others run in one without. */
export const wholeBrowser = () => ({
  executablePath: process.env.ZOLDER_CHROMIUM_WHOLE ?? process.env.ZOLDER_CHROMIUM,
  args: BROWSER_ARGS,
});
