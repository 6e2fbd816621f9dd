import { buildFor } from '../../scripts/build.mjs';
import { HOSTED } from '../../scripts/hosting.mjs';
import { serve } from '../../scripts/serve.mjs';

/** Starts a server that opens the grower's own book and one that opens the demo. */
export default async function setup() {
  // A moment where it is there already.
  await buildFor(HOSTED.base, HOSTED.out);
  const [own, demo] = await Promise.all([serve({ own: true }), serve()]);
  process.env.ZOLDER_OWN_URL = own.url;
  process.env.ZOLDER_DEMO_URL = demo.url;
  return () => {
    own.stop();
    demo.stop();
  };
}
