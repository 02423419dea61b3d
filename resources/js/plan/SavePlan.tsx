import { Anchor, Button, TextInput } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { memo, useState } from 'react';
import { useAddPlan, useChangePlan, usePlans, useReels } from '../api/records';
import type { SavedPlan } from '../api/types';
import { Pocket } from '../parts/Pocket';
import { shorten } from '../parts/shorten';
import { done, failed } from '../parts/undo';
import { usePutAway } from '../parts/usePutAway';
import { useSeen } from '../parts/useSeen';
import { useBench } from '../shell/bench';
import { Link, useNavigate } from '../shell/route';
import { differences } from './codec';
import classes from './Plan.module.css';
import { sameFor } from './planning';
import { usualName } from './records';
import type { Planning } from './usePlan';

/** Saves what is typed as a plan, new or over the one it started from; its address brings it back. */
export const SavePlan = memo(
  function SavePlan({ plan }: { plan: Planning }) {
    const { draft, savedId, problem } = plan;
    // nothing that cannot be read is saved
    const result = problem ? null : plan.result;
    const { data: plans = [] } = usePlans();
    const { data: reels = [] } = useReels();
    const { angler, units } = useBench();
    const add = useAddPlan();
    const change = useChangePlan();
    const navigate = useNavigate();
    const [typed, setTyped] = useState<string | null>(null);
    const from = plans.find((each) => String(each.id) === draft.plan || each.id === savedId);
    const seen = useSeen(from?.id, from?.version);
    const name = shorten(typed ?? from?.name ?? usualName(draft, reels), 80);
    const saved = savedId !== null && draft.plan === '' && typed === null;

    const body = () => {
      const { plan: _, ...rest } = differences(plan.current(), units);
      return rest;
    };
    const attempt = (work: () => Promise<void>) => async () => {
      if (!result || name.trim() === '') return;
      try {
        await work();
        setTyped(null);
      } catch (error) {
        seen.learn(error);
        failed(error);
      }
    };
    const saveNew = attempt(async () => {
      const made = await add.mutateAsync({ name, angler: angler?.id ?? null, draft: body() });
      plan.kept(made.id);
      done(`Saved as “${made.name}”.`, () => change.mutateAsync({ id: made.id, body: { archived: true } }));
    });
    const saveOver = (before: SavedPlan) =>
      attempt(async () => {
        const saved = await change.mutateAsync({
          id: before.id,
          body: { name, draft: body(), version: seen.version() },
        });
        seen.now(saved.version);
        plan.kept(before.id);
        const { name: nameBefore, draft: draftBefore } = before;
        done(`“${name}” changed.`, async () => {
          const undone = await change.mutateAsync({
            id: before.id,
            body: { name: nameBefore, draft: draftBefore, version: saved.version },
          });
          seen.now(undone.version);
          plan.refill(before.id, draftBefore);
        });
      });
    const putAway = usePutAway(change);
    useHotkeys([['mod+S', () => void (saved ? undefined : from ? saveOver(from)() : saveNew())]], []);
    return (
      <div className={classes.save}>
        {result && (
          <TextInput
            aria-label="Name of the plan"
            size="xs"
            value={name}
            maxLength={80}
            onChange={(event) => setTyped(event.currentTarget.value)}
          />
        )}
        {result && from && (
          <Button size="xs" onClick={saveOver(from)} disabled={saved || name.trim() === ''} loading={change.isPending}>
            {saved ? 'Saved' : 'Save changes'}
          </Button>
        )}
        {result && (
          <Button
            size="xs"
            variant={from ? 'default' : 'filled'}
            onClick={saveNew}
            disabled={name.trim() === ''}
            loading={add.isPending}
          >
            {from ? 'Save as new' : 'Save plan'}
          </Button>
        )}
        {result && (
          <Button
            size="xs"
            variant="default"
            onClick={() =>
              navigate(
                savedId !== null && draft.plan === ''
                  ? `/sheet/${savedId}`
                  : `/sheet?${new URLSearchParams(differences(plan.current(), units))}`,
              )
            }
          >
            Bench sheet
          </Button>
        )}
        {plans.length > 0 && (
          <Pocket
            size="xs"
            variant="default"
            position="top-end"
            name={`Plans (${plans.length})`}
            label={`Plans (${plans.length})`}
          >
            {(close) => (
              <>
                <ul className={classes.plans}>
                  {plans.map((each) => (
                    <li key={each.id}>
                      <Anchor component={Link} to={`/plan/${each.id}`} onClick={close}>
                        {each.name}
                      </Anchor>
                    </li>
                  ))}
                </ul>
                {from && (
                  <Button
                    size="compact-sm"
                    variant="default"
                    onClick={() => {
                      close();
                      void putAway(from.id, `“${from.name}”`).then(() => navigate('/plan?new=1'));
                    }}
                  >
                    Put “{from.name}” away
                  </Button>
                )}
              </>
            )}
          </Pocket>
        )}
      </div>
    );
  },
  sameFor<{ plan: Planning }>(
    () => ['plan', 'reel', 'mainName', 'mainSize'],
    ({ plan }) => [plan.savedId, plan.result === null, plan.problem === null],
  ),
);
