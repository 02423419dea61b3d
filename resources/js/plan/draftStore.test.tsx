// @vitest-environment happy-dom
import { MantineProvider } from '@mantine/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useSyncExternalStore } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { METRIC } from '../units/units';
import { differences } from './codec';
import { begin, chosen, revive } from './draft';
import { draftStore } from './draftStore';
import { OpenChoice } from './OpenChoice';
import type { Planning } from './usePlan';

afterEach(cleanup);

/** The choice of what is worked out, with a plan that is no more than its draft. */
function Choice({ store }: { store: ReturnType<typeof draftStore> }) {
  const { draft } = useSyncExternalStore(store.subscribe, store.get);
  const plan = {
    draft,
    set: (change) => store.step({ what: 'set', change }),
    errorFor: () => undefined,
  } as Pick<Planning, 'draft' | 'set' | 'errorFor'> as Planning;
  return <OpenChoice plan={plan} />;
}

describe('a plan being made', () => {
  it('builds steps in a row on each other before anything is drawn', () => {
    const store = draftStore(begin({ stamp: '0.25/200' }));
    store.step({ what: 'set', change: { mainSize: '0.16' } });
    store.step({ what: 'set', change: { mainLength: '90 m' } });
    expect(store.get().draft).toMatchObject({ stamp: '0.25/200', mainSize: '0.16', mainLength: '90 m' });
  });

  it('knows where a mark was put until the figure is typed over', () => {
    const store = draftStore(begin({}));
    store.step({ what: 'drag', mark: 'gap', mm: 1.234 });
    expect(store.get()).toMatchObject({ draft: { gap: '1.23 mm' }, held: { gap: 1.234, join: null } });
    store.step({ what: 'set', change: { mainSize: '0.2' } });
    expect(store.get().held.gap).toBe(1.234);
    store.step({ what: 'set', change: { gap: '2' } });
    expect(store.get().held.gap).toBeNull();
  });

  it('makes the main line longer in the unit of the angler, and lets go of the join', () => {
    const store = draftStore(begin({ join: '3 mm', mainBy: 'all' }));
    store.step({ what: 'slide', length: 120, unit: 'yd' });
    expect(store.get()).toMatchObject({
      draft: { mainBy: 'typed', mainLength: '120 yd', join: '' },
      held: { length: 120 },
    });
  });

  it('takes nothing from an address that cannot be chosen', () => {
    expect(revive({ kind: 'trolling', open: 'level', lay: '<b>' })).toMatchObject({
      kind: 'spinning',
      open: 'level',
      lay: 'normal',
    });
    expect(chosen('way', 'nonsense')).toBe('backing');
  });

  it('is the same after a way through an address, whatever was put by hand', () => {
    const store = draftStore(begin({ stamp: '8/140', stampUnits: 'lb_yd', open: 'level' }));
    store.step({ what: 'drag', mark: 'join', mm: 4.5 });
    expect(revive(differences(store.get().draft, METRIC))).toEqual(store.get().draft);
  });

  it('is told what is worked out, and forgets the join, by one press', async () => {
    const store = draftStore(begin({ join: '3 mm' }));
    render(
      <MantineProvider env="test">
        <Choice store={store} />
      </MantineProvider>,
    );
    const second = screen.getAllByRole('radio')[1] as HTMLInputElement;
    await userEvent.setup().click(second);
    expect(store.get().draft).toMatchObject({ open: second.value, join: '' });
    expect(second.checked).toBe(true);
  });
});
