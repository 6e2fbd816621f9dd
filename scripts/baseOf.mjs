const PATH = /^(\/[A-Za-z0-9._~-]+)*\/?$/;

/**
 * The path of `--base /path/`, without its last slash; '' for the root of a host.
 * @param {string[]} given what follows `npm run build --`
 */
export function baseOf(given) {
  if (given.length === 0) return '';
  const [flag, ...rest] = given.flatMap((one) => one.split('='));
  if (flag !== '--base' || rest.length !== 1)
    throw new Error('It can be followed by one thing: --base /path/');
  const path = rest[0];
  if (!PATH.test(path) || path.split('/').includes('..'))
    throw new Error(
      `"${path}" is no path. It begins with a slash and holds letters, digits, dots, dashes: /zolder/`,
    );
  return path.replace(/\/$/, '');
}
