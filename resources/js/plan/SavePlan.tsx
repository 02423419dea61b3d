import { Button, Menu, TextInput } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { memo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useAddPlan, useChangePlan, usePlans, useReels } from '../api/queries';
import { done, failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { differences } from './draft';
import classes from './Plan.module.css';
import { type Planning, sameFor } from './usePlan';

/** Saves what is typed as a plan; its address brings it back. */
export const SavePlan = memo(
  function SavePlan({ plan }: { plan: Planning }) {
    const { draft, savedId, savedName, result } = plan;
    const { data: plans = [] } = usePlans();
    const { data: reels = [] } = useReels();
    const { angler } = useBench();
    const add = useAddPlan();
    const change = useChangePlan();
    const navigate = useNavigate();
    const [typed, setTyped] = useState<string | null>(null);
    const reel = reels.find((each) => String(each.id) === draft.reel)?.name ?? 'Spool';
    const name = (typed ?? (savedName || `${reel}, ${draft.mainName || draft.mainSize || 'plan'}`)).slice(0, 80);

    const save = async () => {
      if (!result || name.trim() === '') return;
      try {
        const made = await add.mutateAsync({ name, angler: angler?.id ?? null, draft: differences(plan.current()) });
        navigate(`/plan/${made.id}`, { replace: true });
        setTyped(null);
        done(`Saved as “${made.name}”.`, () => change.mutateAsync({ id: made.id, body: { archived: true } }));
      } catch (error) {
        failed(error);
      }
    };
    const remove = async (id: number, word: string) => {
      try {
        await change.mutateAsync({ id, body: { archived: true } });
        done(`“${word}” put away.`, () => change.mutateAsync({ id, body: { archived: false } }));
      } catch (error) {
        failed(error);
      }
    };
    useHotkeys([['mod+S', save]], []);
    return (
      <div className={classes.save}>
        {savedId === null && result ? (
          <>
            <TextInput
              aria-label="Name of the plan"
              size="sm"
              value={name}
              maxLength={80}
              onChange={(event) => setTyped(event.currentTarget.value)}
            />
            <Button onClick={save} disabled={!result || name.trim() === ''} loading={add.isPending}>
              Save plan
            </Button>
          </>
        ) : (
          savedId !== null && <span className={classes.saved}>Saved: {savedName}</span>
        )}
        {plans.length > 0 && (
          <Menu position="top-end" trapFocus>
            <Menu.Target>
              <Button variant="default">Saved ({plans.length})</Button>
            </Menu.Target>
            <Menu.Dropdown className={classes.menu}>
              {plans.map((each) => (
                <Menu.Item key={each.id} onClick={() => navigate(`/plan/${each.id}`)}>
                  {each.name}
                </Menu.Item>
              ))}
              {savedId !== null && (
                <>
                  <Menu.Divider />
                  <Menu.Item color="rust" onClick={() => remove(savedId, savedName).then(() => navigate('/plan'))}>
                    Put “{savedName}” away
                  </Menu.Item>
                </>
              )}
            </Menu.Dropdown>
          </Menu>
        )}
      </div>
    );
  },
  sameFor<{ plan: Planning }>(
    () => ['reel', 'mainName', 'mainSize'],
    ({ plan }) => [plan.savedId, plan.savedName, plan.result === null],
  ),
);
