import type { Plugin } from 'vite';

/** Colours of the component library that nothing here is drawn in: each has eighteen variables, read at every start. */
const UNUSED = 'red|pink|grape|violet|indigo|blue|cyan|teal|green|lime|yellow|orange';
const RULE = new RegExp(`\\s*--mantine-color-(?:${UNUSED})-[\\w-]+:[^;]+;`, 'g');

/** Leaves them out of the library's own style sheet. */
export function palette(): Plugin {
  return {
    name: 'palette',
    enforce: 'pre',
    transform: (code, id) =>
      id.includes('/@mantine/core/styles/default-css-variables.css') ? { code: code.replace(RULE, ''), map: null } : null,
  };
}
