import type { Config } from '@react-router/dev/config';

// All routes are known from the start: a change that is still being saved while the teacher opens
// another screen for the first time must find the route it comes back to.
export default {
  ssr: true,
  appDirectory: 'app',
  routeDiscovery: { mode: 'initial' },
} satisfies Config;
