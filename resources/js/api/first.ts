import type { QueryClient } from '@tanstack/react-query';

/** What each thing that is asked for is kept by. */
function keyOf(asked: string): unknown[] {
  const [path = '', query] = asked.replace('/api/', '').split('?');
  if (path === 'log') return ['events', 'log', {}];
  const [root = '', ...of] = path.split('/');
  const said = new URLSearchParams(query);
  const number = (name: string) => (said.has(name) ? Number(said.get(name)) : undefined);
  if (path === 'learnt/plan') return ['learnt', 'plan', number('spool'), number('main'), number('backing')];
  return [root, ...of.map(Number), ...[...said.keys()].map(number)];
}

/** Takes what came along with the page, as if it had been asked for when the page was made. */
export function takeFirstAnswers(queries: QueryClient): void {
  const sent = document.getElementById('first-answers')?.textContent;
  if (!sent) return;
  const { at, answers } = JSON.parse(sent) as { at: number; answers: Record<string, unknown> };
  // a page that lay in the browser for a while is not taken for what is so now
  const updatedAt = Math.min(at, Date.now());
  for (const [asked, answer] of Object.entries(answers)) {
    const data = asked === '/api/log' ? { pages: [answer], pageParams: [''] } : answer;
    queries.setQueryData(keyOf(asked), data, { updatedAt });
  }
}
