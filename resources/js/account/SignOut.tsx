import { Button } from '@mantine/core';
import { useState } from 'react';
import { signOut } from '../away/forget';
import { failed } from '../parts/undo';
import { waitingMarks } from '../wind/queue';

/** Signs out here. What a run was told and the server has not taken yet would be lost: that is said first. */
export function SignOut() {
  const [going, setGoing] = useState(false);
  const [sure, setSure] = useState(false);
  const waiting = waitingMarks(localStorage);
  const go = async () => {
    setGoing(true);
    try {
      await signOut();
    } catch (error) {
      setGoing(false);
      failed(error);
    }
  };
  if (sure) {
    return (
      <span role="alert">
        {waiting === 1 ? 'One entry' : `${waiting} entries`} of a run {waiting === 1 ? 'has' : 'have'} not been sent to
        the server yet and would be lost.{' '}
        <Button size="compact-sm" color="rust" onClick={() => void go()}>
          Sign out anyway
        </Button>{' '}
        <Button size="compact-sm" variant="default" onClick={() => setSure(false)}>
          Stay
        </Button>
      </span>
    );
  }
  return (
    <Button variant="default" loading={going} onClick={() => (waiting > 0 ? setSure(true) : void go())}>
      Sign out
    </Button>
  );
}
