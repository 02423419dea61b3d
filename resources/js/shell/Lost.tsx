import { Anchor } from '@mantine/core';
import { Link, useRouteError } from 'react-router';
import { Empty } from '../parts/Empty';

/** Nothing at this address, or a place that failed. */
export function Lost() {
  const error = useRouteError();
  return (
    <Empty order={1} title={error ? 'This place could not be opened' : 'There is nothing here'}>
      {error ? 'Reload the page; what was saved is safe.' : 'The link may be old.'}{' '}
      <Anchor component={Link} to="/plan">
        To the plan
      </Anchor>
    </Empty>
  );
}
