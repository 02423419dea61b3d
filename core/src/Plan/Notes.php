<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Fill\Fill;
use Undro\Fill\Layer;
use Undro\Fill\Level;
use Undro\Fill\Role;
use Undro\Habit\BackingSchool;
use Undro\Habit\BackWith;
use Undro\Habit\Question;
use Undro\Line\Material;
use Undro\Line\Under;
use Undro\Spool\Source;
use Undro\Spool\Spool;
use Undro\Units\Length;
use Undro\Way\Wanted;
use Undro\Way\WayId;
use Undro\Way\Ways;

/** What a plan has to say beside its figures. Source of the limits: handbook, chapters 1 and 2. */
final class Notes
{
    /** So much less than all of a line is said to be all of it, m. */
    private const ALL_BUT_M = 1.0;

    /**
     * @param Fill        $fill   as solved
     * @param Fill        $drawn  as it would lie: the same, or without the open layer where nothing fits
     * @param list<Layer> $layers as asked
     *
     * @return list<Note> the gravest first
     */
    public static function on(Wanted $wanted, Fill $fill, Fill $drawn, array $layers): array
    {
        $notes = [
            ...self::misfit($fill, $drawn, $layers),
            ...self::stock($fill, $wanted),
            ...self::offReel($fill, $wanted),
            ...self::backing($layers, $wanted),
            ...self::way($wanted),
            ...self::hardlyAny($fill, $wanted),
            ...self::spool($fill->spool, $wanted->askedGap),
        ];
        $gravity = static fn(Note $note): int => match ($note->weight) {
            Weight::Stop => 0,
            Weight::Warning => 1,
            Weight::Note => 2,
        };
        usort($notes, static fn(Note $a, Note $b): int => $gravity($a) <=> $gravity($b));

        return $notes;
    }

    /**
     * @param list<Layer> $layers
     *
     * @return list<Note>
     */
    private static function misfit(Fill $fill, Fill $drawn, array $layers): array
    {
        if ($fill->fits()) {
            return [];
        }
        $over = $fill->full->inCubicMillimetres() * ($drawn->filledFraction - 1);
        $solved = $fill->solved;
        $blame = $layers[array_key_last($layers) ?? 0] ?? null;
        foreach ($layers as $index => $layer) {
            if ($index !== $solved?->index) {
                $blame = $layer;
            }
        }
        if ($blame === null) {
            return [];
        }
        $metres = $over / $blame->volumePerMetre($fill->spool->lay)->inCubicMillimetres();
        $rise = Level::of($drawn);
        $height = $rise === null ? '' : ', and would end {0} above the full mark';
        $above = Length::millimetres($rise === null ? 0.0 : $fill->gap->inMillimetres() - $rise->depth->inMillimetres());
        $most = Length::metres(floor(max(0.0, ($blame->length?->inMetres() ?? 0.0) - $metres)));
        $word = $blame->role->word();
        $lead = $solved !== null && $layers[$solved->index]->role === Role::Backing ? 'Nothing fits under it: the' : 'The';

        return [$most->inMetres() > 0
            ? Note::of(
                'does_not_fit',
                Weight::Stop,
                "$lead $word is {1} too long for this spool$height. At most {2} of it go on.",
                $above,
                Length::metres(max(1.0, ceil($metres))),
                $most,
            )
            : Note::of(
                'does_not_fit',
                Weight::Stop,
                "This does not fit: the other lines already overfill the spool$height. Shorten them.",
                $above,
            )];
    }

    /**
     * @param list<Layer> $layers
     *
     * @return list<Note>
     */
    private static function backing(array $layers, Wanted $wanted): array
    {
        $backing = null;
        $main = null;
        foreach ($layers as $layer) {
            $layer->role === Role::Backing ? $backing = $layer->line : $main = $layer->line;
        }
        if ($backing === null || $main === null) {
            return [];
        }
        $under = Under::of($backing, $main);
        $ratio = $under->ratio;
        $notes = [];
        if ($wanted->habits->school(Question::BackingThickness) === 'same' && $ratio > 1.005 && !$under->tooThick()) {
            $notes[] = Note::of(
                'thicker_than_habit',
                Weight::Warning,
                sprintf('Your habit is backing no thicker than the main line; this one is %.1F times as thick.', $ratio),
            );
        } elseif ($under->tooThick()) {
            $notes[] = Note::of(
                'thick_backing',
                Weight::Warning,
                sprintf(
                    'The backing is %.1F times as thick as the main line. Above %.2F times, thin line sinks between the coils, casts '
                        . 'badly and can snap off: take a thinner backing.',
                    $ratio,
                    $under->most,
                ),
            );
        } elseif ($under->thickish()) {
            $notes[] = Note::of(
                'thickish_backing',
                Weight::Note,
                sprintf(
                    'The backing is %.1F times as thick as the braid. It works; wind the first layer of braid tight so that it does not '
                        . 'sink in.',
                    $ratio,
                ),
            );
        }
        if ($backing->material === Material::Braid) {
            $notes[] = Note::of(
                'slick_backing',
                Weight::Note,
                'Braid as backing needs a grip on a bare arbor: a strip of tape or a little nylon first, or it can spin round it.',
            );
        }
        $notes = [...$notes, ...match ($wanted->backWith) {
            BackWith::Nylon => [],
            BackWith::OldLine => [
                Note::of(
                    'old_line',
                    Weight::Note,
                    'Worn line does well as backing while it is sound: run it through your fingers for nicks. Straight from reel to '
                        . 'reel, with the drag of the old reel as the brake, the worn end goes to the bottom by itself. It counts as '
                        . 'measured by its label; three depth readings are worth more here.',
                ),
            ],
            BackWith::Thread => [
                Note::of(
                    'thread',
                    Weight::Warning,
                    'Cotton thread holds water and rots under the line; good thread costs more than nylon. Nylon does the same work.',
                ),
            ],
            BackWith::Tape => [
                Note::of(
                    'tape_backing',
                    Weight::Warning,
                    'Tape under the line: glue creeps into braid when it gets warm. None of it may face the main line.',
                ),
            ],
        }];

        return $notes;
    }

    /**
     * A backing shorter than what would hold the line on the arbor is none.
     *
     * @return list<Note>
     */
    private static function hardlyAny(Fill $fill, Wanted $wanted): array
    {
        $solved = $fill->solved;
        if (
            !$fill->fits()
            || $solved === null
            || $fill->layers[$solved->index]->layer->role !== Role::Backing
            || $solved->band->middle->inMetres() >= Ways::GRIP_M
        ) {
            return [];
        }

        return [Note::of('hardly_any', Weight::Note, Ways::byItself($wanted))];
    }

    /**
     * What the way brings with it, and where it departs from the angler's habit.
     *
     * @return list<Note>
     */
    private static function way(Wanted $wanted): array
    {
        $notes = [];
        $braid = $wanted->main->material === Material::Braid;
        if ($braid && $wanted->way === WayId::MainOnly && !$wanted->grips) {
            $notes[] = Note::of(
                'slick_main',
                Weight::Warning,
                'Slick braid can spin round a bare arbor. Three wraps of nylon, a strip of tape under the first wraps, or an '
                    . 'arbor that grips hold it.',
            );
        }
        if ($wanted->way === WayId::Tape) {
            $notes[] = Note::of(
                'tape_glue',
                Weight::Warning,
                'Glue creeps into braid when it gets warm: wind the tape glue inwards and smooth, none of it facing the line, and take '
                    . 'it off with this fill.',
            );
        }
        if ($wanted->way === WayId::Sleeve) {
            $notes[] = Note::of('sleeve_tight', Weight::Note, 'A sleeve must clip on tight: try to turn it by hand before tying to it.');
        }
        if ($wanted->way === WayId::Kept) {
            $notes[] = Note::of(
                'kept_backing',
                Weight::Note,
                'Only the main line comes off, to the join. Let the backing stay where it lies firm and level and is dry; all of it '
                    . 'off where it slipped, smells or is rough.',
            );
        }
        if ($wanted->way === WayId::TurnOver) {
            $notes[] = Note::of(
                'turn_over',
                Weight::Note,
                'Turned over, the figures are only a check: stop the backing when it is full by eye. A pass turns the order over, so its '
                    . 'number must be odd.',
            );
        }
        $school = $wanted->habits->backing();
        $departs = $braid && match ($school) {
            BackingSchool::Rule => false,
            BackingSchool::Some => !$wanted->way->hasBacking() && $wanted->way !== WayId::Kept,
            BackingSchool::Grip => $wanted->way !== WayId::Grip,
            BackingSchool::None => $wanted->way->hasBacking(),
        };
        if ($departs) {
            $notes[] = Note::of(
                'departs_backing',
                Weight::Note,
                sprintf('This departs from your habit for braid: %s.', $wanted->habits->words(Question::Backing)),
            );
        }

        return $notes;
    }

    /**
     * Whether what is at hand is enough, the upper end of the band included.
     *
     * @return list<Note>
     */
    private static function stock(Fill $fill, Wanted $wanted): array
    {
        $notes = [];
        foreach ($fill->fits() ? $fill->layers : [] as $index => $layer) {
            $role = $layer->layer->role;
            $there = ($wanted->onHand[$role->value] ?? null)?->inMetres();
            // all of a filler, or a share of it, is there by what it is
            if ($there === null || ($role === Role::Main && $wanted->mainLengthSd > 0)) {
                continue;
            }
            $holds = match (true) {
                $role === Role::Backing && $wanted->backWith === BackWith::OldLine => 'There are {0} of old line',
                $role === Role::Main && $wanted->mainOffReel => 'There are {0} of it on the other reel',
                default => 'The filler holds {0}',
            };
            $half = ($wanted->onHandHalf[$role->value] ?? null)?->inMetres() ?? 0.0;
            $band = $half > 0 ? [Length::metres($half)] : [];
            $within = static fn(int $figure): string => $half > 0 ? " ± {{$figure}}" : '';
            $needed = $layer->length->inMetres();
            $most = $fill->solved?->index === $index ? $fill->solved->band->high()->inMetres() : $needed;
            if ($needed > $there + $half) {
                $notes[] = Note::of(
                    "short_{$role->value}",
                    Weight::Warning,
                    "$holds{$within(2)}, which is {1} short for the {$role->word()}. Take another piece, shorten it, or join two pieces well inside "
                        . 'the line.',
                    Length::metres($there),
                    Length::metres(max(1.0, $needed - $there)),
                    ...$band,
                );
            } elseif ($half > 0 && $needed > $there - $half) {
                $notes[] = Note::of(
                    "unsure_{$role->value}",
                    Weight::Warning,
                    "$holds{$within(2)}: {1} of {$role->word()} may be more than there is. Weigh it again or count it, or have a second piece at hand.",
                    Length::metres($there),
                    Length::metres($needed),
                    ...$band,
                );
            } elseif ($most > $there - $half) {
                $notes[] = Note::of(
                    "tight_{$role->value}",
                    Weight::Note,
                    "$holds{$within(3)}: enough for {1} of {$role->word()}, but not for the upper end of the tolerance, {2}. Stop by the depth mark, "
                        . 'and have a second piece at hand or let the line end a little lower.',
                    Length::metres($there),
                    Length::metres($needed),
                    Length::metres($most),
                    ...$band,
                );
            }
        }

        return $notes;
    }

    /**
     * What a main line off another reel comes to: how much of it goes on here, and which end lands where.
     *
     * @return list<Note>
     */
    private static function offReel(Fill $fill, Wanted $wanted): array
    {
        if (!$wanted->mainOffReel) {
            return [];
        }
        $notes = [Note::of(
            'off_reel',
            Weight::Note,
            'Off the other reel in one pass, down to its join: its worn end goes to the bottom here, and the end that has not seen '
                . 'the water comes out on top. Its backing stays there.',
        )];
        $there = ($wanted->onHand[Role::Main->value] ?? null)?->inMetres();
        foreach ($fill->fits() ? $fill->layers : [] as $layer) {
            $goes = $layer->length->inMetres();
            if ($layer->layer->role === Role::Main && $there !== null && $goes < $there - self::ALL_BUT_M) {
                $notes[] = Note::of(
                    'off_reel_rest',
                    Weight::Note,
                    '{0} of it go on here; {1}, its fresh end, stay on the other reel.',
                    Length::metres($goes),
                    Length::metres($there - $goes),
                );
            }
        }

        return $notes;
    }

    /** @return list<Note> */
    private static function spool(Spool $spool, ?Length $askedGap): array
    {
        $notes = [];
        if ($spool->source === Source::Rated) {
            $notes[] = Note::of(
                'not_to_scale',
                Weight::Note,
                'With the stamp alone lengths are known, but no depth and no turns. Two caliper readings, the lip and either the arbor '
                    . 'or the traverse, add both.',
            );
            if ($askedGap !== null && abs($askedGap->inMillimetres() - $spool->ratedGap->inMillimetres()) > 0.05) {
                $notes[] = Note::of(
                    'rated_gap',
                    Weight::Note,
                    "Answered at the {0} under the lip that the stamp is taken to mean; without the lip's diameter another level cannot "
                        . 'be worked out.',
                    $spool->ratedGap,
                );
            }
        }
        if ($spool->capacity?->disagreeing === true) {
            $notes[] = Note::of(
                'ratings_disagree',
                Weight::Warning,
                'The stamped capacities disagree with each other by more than usual, which widens the tolerance. Check that they are '
                    . 'read with the right units.',
            );
        }

        return $notes;
    }
}
