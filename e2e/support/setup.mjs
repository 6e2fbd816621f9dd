import { serve } from '../../scripts/serve.mjs';

/** Starts a server that opens the grower's own book and one that opens the demo. */
export default async function setup() {
  const [own, demo] = await Promise.all([serve({ own: true }), serve()]);
  process.env.ZOLDER_OWN_URL = own.url;
  process.env.ZOLDER_DEMO_URL = demo.url;
  return () => {
    own.stop();
    demo.stop();
  };
}
