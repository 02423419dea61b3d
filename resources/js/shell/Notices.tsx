import '../theme/over';
import '@mantine/notifications/styles.css';
import { Notifications } from '@mantine/notifications';
import classes from './Shell.module.css';

/** How long a notice stands, ms. */
const STAYS = 20_000;

/** Where notices stand. What is said before this has come is shown once it has. */
export default function Notices() {
  return <Notifications withinPortal={false} classNames={{ root: classes.notices }} autoClose={STAYS} />;
}
