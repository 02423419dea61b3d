import { Button, Group, Switch } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useEffect, useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { useCalculator } from '../api/calculators';
import type { JoinsCase, KnotId } from '../api/types';
import { type Film, frameAt, keyFrames } from '../drawings/knot/film';
import { Picture } from '../drawings/knot/Picture';
import { Segmented } from '../parts/Segmented';
import { Waiting } from '../parts/Waiting';
import classes from './Knots.module.css';
import { Legend } from './Legend';
import { NextMove } from './NextMove';
import { TieAlong } from './TieAlong';
import { useFilm } from './useFilm';
import { type FilmClock, PACES, useClock, useTying } from './useTying';

interface TyingProps {
  knot: KnotId;
  /** where it is tied, and whether one of its lines is braid: so many turns are shown */
  where?: JoinsCase['where'];
  braid?: boolean;
  /** whether its line is under 0.25 mm */
  thin?: boolean;
  /** what its two lines are called, the thicker first */
  names?: [string, string];
  /** every move at once, small, instead of one after the other */
  all?: boolean;
}

type Mode = 'watch' | 'along' | 'say';
const MODES = [
  { value: 'watch', label: 'Watch' },
  { value: 'along', label: 'Tie along' },
  { value: 'say', label: 'Quiz' },
];

/** How a knot is tied: one film from a straight line to the knot as it stays, by moves, by a slider, along with the hands, or asked. */
export function Tying({ knot, where = 'guides', braid = true, thin = false, names, all = false }: TyingProps) {
  const query = useCalculator('knot', { knot, where, braid, thin });
  const [leftHanded, setLeftHanded] = useLocalStorage({ key: 'undro-left-handed', defaultValue: false });
  const film = useFilm(query.data?.film ?? null, leftHanded);
  const [mode, setMode] = useState<Mode>('watch');
  const printed = usePrinted();
  const moves = query.data?.moves ?? [];
  const tying = useTying(film.data, moves.length, mode === 'watch' && !all);
  if (!query.data) return <Waiting query={query} what="the knot" />;
  if (!film.data) return <Waiting query={film} what="the film" />;
  if (all || printed) {
    return <AllMoves film={film.data} moves={moves} names={names} />;
  }
  const now = moves[tying.move];
  if (!now) return null;
  return (
    <section className={classes.tying} aria-label={`How to tie the ${query.data.word}`}>
      <Segmented
        aria-label="How to learn it"
        data={MODES}
        value={mode}
        onChange={(value) => {
          tying.pause();
          setMode(value as Mode);
        }}
      />
      {mode === 'say' ? (
        <NextMove key={`${query.data.film} ${leftHanded}`} film={film.data} moves={moves} />
      ) : (
        <>
          <Playing
            film={film.data}
            clock={tying.clock}
            label={`Move ${tying.move + 1} of ${moves.length}: ${now.do}`}
          />
          {mode === 'along' && <TieAlong tying={tying} moves={moves} />}
          <div aria-live="polite">
            <p className={classes.move} data-testid="move">
              <b>{tying.move + 1}</b> {now.do}
            </p>
            <p className={classes.looks}>
              <b>Looks right:</b> {now.right} <b>Looks wrong:</b> {now.wrong}
            </p>
          </div>
          {mode === 'watch' && (
            <>
              <HowFar
                clock={tying.clock}
                length={tying.length}
                onChange={tying.to}
                text={`move ${tying.move + 1} of ${moves.length}${tying.over ? ', done' : ''}`}
              />
              <Group gap="xs">
                <Button variant="default" disabled={tying.first} onClick={tying.back}>
                  ← Back
                </Button>
                <Button variant={tying.last ? 'default' : 'filled'} disabled={tying.last} onClick={tying.next}>
                  Next →
                </Button>
                {!tying.still &&
                  (tying.playing ? (
                    <Button variant="default" onClick={tying.pause}>
                      Pause
                    </Button>
                  ) : (
                    <Button variant="default" onClick={tying.play}>
                      {tying.last ? 'Play again' : 'Play'}
                    </Button>
                  ))}
                {!tying.still && (
                  <Segmented size="xs" aria-label="Pace" data={PACES} value={tying.pace} onChange={tying.setPace} />
                )}
                <span className={classes.soft}>
                  move {tying.move + 1} of {moves.length}; use the arrow keys
                </span>
              </Group>
            </>
          )}
        </>
      )}
      <Group gap="md" justify="space-between">
        <Legend film={film.data} names={names} />
        <Switch
          label="Left-handed (mirrored)"
          checked={leftHanded}
          onChange={(event) => setLeftHanded(event.currentTarget.checked)}
        />
      </Group>
    </section>
  );
}

interface PlayingProps {
  film: Film;
  clock: FilmClock;
  label: string;
}

/** The picture, drawn for every frame; nothing else is drawn again meanwhile. */
function Playing({ film, clock, label }: PlayingProps) {
  const at = useClock(clock);
  return <Picture film={film} frame={frameAt(film, at)} label={label} />;
}

interface HowFarProps {
  clock: FilmClock;
  length: number;
  text: string;
  onChange: (time: number) => void;
}

function HowFar({ clock, length, text, onChange }: HowFarProps) {
  const at = useClock(clock);
  return (
    <input
      type="range"
      className={classes.slider}
      aria-label="Progress"
      aria-valuetext={text}
      min={0}
      max={Math.ceil(20 * length) / 20}
      step={0.05}
      value={at}
      onChange={(event) => onChange(Number(event.currentTarget.value))}
    />
  );
}

interface AllMovesProps {
  film: Film;
  moves: { do: string }[];
  names: [string, string] | undefined;
}

/** The key poses, one for each move. */
function AllMoves({ film, moves, names }: AllMovesProps) {
  const frames = useMemo(() => keyFrames(film, moves.length), [film, moves.length]);
  return (
    <>
      <ol className={classes.all}>
        {frames.map((frame, index) => (
          <li key={moves[index]?.do}>
            <Picture film={film} frame={frame} label={`Move ${index + 1}: ${moves[index]?.do}`} />
            <p>
              <b>{index + 1}</b> {moves[index]?.do}
            </p>
          </li>
        ))}
      </ol>
      <Legend film={film} names={names} />
    </>
  );
}

/** While the page is put on paper. */
function usePrinted(): boolean {
  const [printed, setPrinted] = useState(false);
  useEffect(() => {
    // at once: the page is put on paper as it stands when this returns
    const before = () => flushSync(() => setPrinted(true));
    const after = () => setPrinted(false);
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
    };
  }, []);
  return printed;
}
