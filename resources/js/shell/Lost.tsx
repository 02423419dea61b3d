import { Anchor } from '@mantine/core';
import { Empty } from '../parts/Empty';
import { Link } from './route';

/** Nothing at this address, or a place that failed. */
export function Lost({ failed = false }: { failed?: boolean }) {
  return (
    <Empty order={1} title={failed ? 'This place could not be opened' : 'There is nothing here'}>
      {failed ? 'Reload the page; what was saved is safe.' : 'The link may be old.'}{' '}
      <Anchor component={Link} to="/plan">
        To the plan
      </Anchor>
    </Empty>
  );
}
