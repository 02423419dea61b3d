import { useState } from 'react';
import { useChangeAngler } from '../api/records';
import page from '../parts/parts.module.css';
import { TypedField } from '../parts/TypedField';
import { done, failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import classes from './Habits.module.css';

const WORD = { mono: 'Mono', hybrid: 'Hybrid', fluoro: 'Fluorocarbon', braid: 'Braid' } as const;

/** How long line may last, by months and by outings; what is due follows from it. */
export function Lasts() {
  const { angler } = useBench();
  const change = useChangeAngler();
  const kept = angler?.limits ?? {};
  const [typed, setTyped] = useState(kept);
  const [wrong, setWrong] = useState({ at: '', message: '' });
  if (!angler) return null;
  const keep = (material: string, figure: 'months' | 'outings') => {
    const value = typed[material]?.[figure] ?? '';
    const before = kept[material]?.[figure] ?? '';
    if (value === before) return;
    change.mutateAsync({ id: angler.id, body: { limits: { [material]: { [figure]: value } } } }).then(
      () => {
        setWrong({ at: '', message: '' });
        done(`${angler.name}: line life saved.`, () =>
          change
            .mutateAsync({ id: angler.id, body: { limits: { [material]: { [figure]: before } } } })
            .then(() => setTyped((now) => ({ ...now, [material]: { ...now[material], [figure]: before } }))),
        );
      },
      (error: unknown) => {
        setWrong({ at: material + figure, message: error instanceof Error ? error.message : '' });
        if (!(error instanceof Error)) failed(error);
      },
    );
  };
  return (
    <section className={classes.lasts} aria-label="Line life">
      <h2>Line life</h2>
      <p className={page.facts}>
        Line is due after this many months on the reel or trips, whichever comes first. Heavy sun or rough ground takes
        off a third. Leave a field empty for the usual figure. Braid is reversed halfway.
      </p>
      <div className={classes.limits}>
        {Object.entries(WORD).map(([material, word]) =>
          (['months', 'outings'] as const).map((figure) => (
            <TypedField
              key={material + figure}
              label={`${word}, ${figure === 'outings' ? 'trips' : figure}`}
              placeholder={`${kept[material]?.[`usual_${figure}`] ?? ''}`}
              value={typed[material]?.[figure] ?? ''}
              onChange={(value) => setTyped((now) => ({ ...now, [material]: { ...now[material], [figure]: value } }))}
              error={wrong.at === material + figure ? wrong.message : undefined}
              onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
              onBlur={() => keep(material, figure)}
            />
          )),
        )}
      </div>
    </section>
  );
}
