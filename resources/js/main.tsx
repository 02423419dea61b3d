import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './theme/mantine';
import './theme/global.css';
import { MantineProvider } from '@mantine/core';
import { notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { ready } from './addresses';
import { Problem } from './api/client';
import { takeFirstAnswers } from './api/first';
import { householdId } from './api/served';
import { Places } from './router';
import { scheme } from './theme/scheme';
import { theme, variables } from './theme/theme';

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? '';
// for the styles that dialogs put into the page while they are open
setNonce(nonce);
// answers are drawn in the same turn they arrive in
notifyManager.setScheduler(queueMicrotask);
const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      retry: (count, error) => !(error instanceof Problem && error.status >= 400) && count < 2,
      // the server is on this computer; it answers with or without the internet
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

takeFirstAnswers(queries);

const draw = () => {
  createRoot(document.getElementById('root') as HTMLElement).render(
    <StrictMode>
      <MantineProvider
        theme={theme}
        cssVariablesResolver={variables}
        colorSchemeManager={scheme}
        defaultColorScheme="auto"
        getStyleNonce={() => nonce}
      >
        <QueryClientProvider client={queries}>
          <Places />
        </QueryClientProvider>
      </MantineProvider>
    </StrictMode>,
  );
};
// the place that is asked for is drawn at once, with what came along with its page
const begin = () => void Promise.resolve(ready(window.location.pathname)).then(draw);
if (householdId === null) begin();
else void import('./away/forget').then(async ({ leftBefore }) => (await leftBefore()) || begin());
