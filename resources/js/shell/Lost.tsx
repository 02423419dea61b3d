import { Anchor } from '@mantine/core';
import { Empty } from '../parts/Empty';
import { Link } from './route';

/** Nothing at this address, or a place that failed. */
export function Lost({ failed = false }: { failed?: boolean }) {
  return (
    <Empty order={1} title={failed ? 'This page could not be opened' : 'There is no page at this address'}>
      {failed ? 'Reload the page. Everything you saved is safe.' : 'The link may be old.'}{' '}
      <Anchor component={Link} to="/plan">
        Go to Plan
      </Anchor>
    </Empty>
  );
}
