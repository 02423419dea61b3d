import { type Household, useHousehold } from '../api/account';
import { household } from '../api/served';
import { Empty } from '../parts/Empty';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import classes from './Account.module.css';
import { GiveUp } from './GiveUp';
import { Keys } from './Keys';
import { Name } from './Name';
import { Password } from './Password';
import { People } from './People';
import { SignedIn } from './SignedIn';
import { SignOut } from './SignOut';

/** The household that is signed in to: who is in it, where one is signed in, and what lets others and scripts in. */
export function AccountPlace() {
  const query = useHousehold();
  if (household === null) {
    return (
      <Empty order={1} title="Nobody signs in here">
        Undro runs for this computer alone. “./undro serve” serves it to a household or a club, each person signing in.
      </Empty>
    );
  }
  if (!query.data) {
    // whoever hands the device on can take everything off it also where nobody answers
    return (
      <>
        <Waiting query={query} what="the household" />
        <div className={page.page}>
          <SignOut />
        </div>
      </>
    );
  }
  return <Whole of={query.data} />;
}

function Whole({ of }: { of: Household }) {
  return (
    <div className={page.page}>
      <title>Household · Undro</title>
      <div className={page.head}>
        <h1>{of.household}</h1>
        <span className={page.soft}>
          reels, lines, plans and the log are shared by everybody in it, and seen by nobody else
        </span>
      </div>
      <div className={classes.parts}>
        <People of={of} />
        <SignedIn of={of} />
        <Keys of={of} />
        <Password />
        {of.keeper && <Name of={of} />}
        {of.keeper && <GiveUp of={of} />}
      </div>
    </div>
  );
}
