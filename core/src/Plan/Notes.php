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
            ...self::parked($wanted),
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
        $height = $rise === null ? '' : ', and would end {0} above the full level';
        $above = Length::millimetres($rise === null ? 0.0 : $fill->gap->inMillimetres() - $rise->depth->inMillimetres());
        $most = Length::metres(floor(max(0.0, ($blame->length?->inMetres() ?? 0.0) - $metres)));
        $word = $blame->role->word();
        $lead = $solved !== null && $layers[$solved->index]->role === Role::Backing ? 'There is no room for backing: the' : 'The';

        return [$most->inMetres() > 0
            ? Note::of(
                'does_not_fit',
                Weight::Stop,
                "$lead $word is {1} too long for this spool$height. There is room for {2}.",
                $above,
                Length::metres(max(1.0, ceil($metres))),
                $most,
            )
            : Note::of(
                'does_not_fit',
                Weight::Stop,
                "This doesn’t fit. The other lines already overfill the spool$height. Shorten them.",
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
                sprintf('You prefer backing no thicker than the main line. This one is %.1F times as thick.', $ratio),
            );
        } elseif ($under->tooThick()) {
            $notes[] = Note::of(
                'thick_backing',
                Weight::Warning,
                sprintf(
                    'Use a thinner backing. This one is %.1F times as thick as the main line. Above %.2F times, thin line sinks between '
                        . 'the coils, casts badly and can snap.',
                    $ratio,
                    $under->most,
                ),
            );
        } elseif ($under->thickish()) {
            $notes[] = Note::of(
                'thickish_backing',
                Weight::Note,
                sprintf(
                    'The backing is %.1F times as thick as the braid. Wind the first layer of braid tight, so that it doesn’t sink in.',
                    $ratio,
                ),
            );
        }
        if ($backing->material === Material::Braid) {
            $notes[] = Note::of(
                'slick_backing',
                Weight::Note,
                'Braid backing can spin on a bare arbor. Put a strip of tape or a little mono on first.',
            );
        }
        $notes = [...$notes, ...match ($wanted->backWith) {
            BackWith::Nylon => [],
            BackWith::OldLine => [
                Note::of(
                    'old_line',
                    Weight::Note,
                    'Old line is fine as backing if it is sound. Run it through your fingers to feel for nicks. Wind it straight from the '
                        . 'old reel, with its drag as your brake: the worn end then goes to the bottom. Its diameter comes from the '
                        . 'label, so take three level readings as you wind.',
                ),
            ],
            BackWith::Thread => [
                Note::of(
                    'thread',
                    Weight::Warning,
                    'Use mono instead. Cotton thread holds water and rots under the line, and good thread costs more than mono.',
                ),
            ],
            BackWith::Tape => [
                Note::of(
                    'tape_backing',
                    Weight::Warning,
                    'Keep glue away from the main line. Warm glue creeps into braid.',
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
                'Slick braid can spin on a bare arbor. Use three metres of mono, a strip of tape under the first wraps, or an arbor that grips.',
            );
        }
        if ($wanted->way === WayId::Tape) {
            $notes[] = Note::of(
                'tape_glue',
                Weight::Warning,
                'Warm glue creeps into braid. Wind the tape smooth, glue side in, with no glue facing the line. Remove it with this fill.',
            );
        }
        if ($wanted->way === WayId::Sleeve) {
            $notes[] = Note::of('sleeve_tight', Weight::Note, 'The sleeve must clip on tight. Try to turn it by hand before you tie to it.');
        }
        if ($wanted->way === WayId::Kept) {
            $notes[] = Note::of(
                'kept_backing',
                Weight::Note,
                'Strip only the main line, down to the joining knot. Keep the backing if it is firm, level and dry. Strip it too if it '
                    . 'slips, smells or is rough.',
            );
        }
        if ($wanted->way === WayId::TurnOver) {
            $notes[] = Note::of(
                'turn_over',
                Weight::Note,
                'With fill and reverse, the figures are only a check. Stop the backing when the spool looks full. Each winding reverses '
                    . 'the order, so wind an odd number of times.',
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
                sprintf('This differs from your preference for braid: %s.', $wanted->habits->words(Question::Backing)),
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
                $role === Role::Backing && $wanted->backWith === BackWith::OldLine => 'There is {0} of old line',
                $role === Role::Main && $wanted->mainParked => 'There is {0} of it on this spool',
                $role === Role::Main && $wanted->mainOffReel => 'There is {0} of it on the other reel',
                default => 'The filler spool has {0}',
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
                    "$holds{$within(2)}, which is {1} short for the {$role->word()}. Use another spool, shorten it, or join two "
                        . 'pieces deep under the line.',
                    Length::metres($there),
                    Length::metres(max(1.0, $needed - $there)),
                    ...$band,
                );
            } elseif ($half > 0 && $needed > $there - $half) {
                $notes[] = Note::of(
                    "unsure_{$role->value}",
                    Weight::Warning,
                    "$holds{$within(2)}. That may be too little for {1} of {$role->word()}. Weigh or measure it again, or have a second "
                        . 'spool at hand.',
                    Length::metres($there),
                    Length::metres($needed),
                    ...$band,
                );
            } elseif ($most > $there - $half) {
                $notes[] = Note::of(
                    "tight_{$role->value}",
                    Weight::Note,
                    "$holds{$within(3)}, enough for {1} of {$role->word()}, but not if you need as much as {2}. "
                        . 'Stop at the level mark. Have a second spool at hand, or let the line end a little lower.',
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
            'Wind it off the other reel in one go, down to its joining knot. The worn end goes to the bottom, and the unused end comes '
                . 'out on top. The other reel keeps its backing.',
        )];
        $there = ($wanted->onHand[Role::Main->value] ?? null)?->inMetres();
        foreach ($fill->fits() ? $fill->layers : [] as $layer) {
            $goes = $layer->length->inMetres();
            if ($layer->layer->role === Role::Main && $there !== null && $goes < $there - self::ALL_BUT_M) {
                $notes[] = Note::of(
                    'off_reel_rest',
                    Weight::Note,
                    '{0} of it goes on here. {1}, its fresh end, stays on the other reel.',
                    Length::metres($goes),
                    Length::metres($there - $goes),
                );
            }
        }

        return $notes;
    }

    /** @return list<Note> the main line that is on the spool already */
    private static function parked(Wanted $wanted): array
    {
        return $wanted->mainParked ? [Note::of(
            'parked',
            Weight::Note,
            'Wind the line onto a spare spool, put backing on the arbor, then wind the line back. You wind it twice, and the same end comes '
                . 'out on top.',
        )] : [];
    }

    /** @return list<Note> */
    private static function spool(Spool $spool, ?Length $askedGap): array
    {
        $notes = [];
        if ($spool->source === Source::Rated) {
            $notes[] = Note::of(
                'not_to_scale',
                Weight::Note,
                'Undro can work out lengths from the printed capacity, but no levels or turns. For both, measure the lip and either the '
                    . 'arbor or the spool width.',
            );
            if ($askedGap !== null && abs($askedGap->inMillimetres() - $spool->ratedGap->inMillimetres()) > 0.05) {
                $notes[] = Note::of(
                    'rated_gap',
                    Weight::Note,
                    'These figures fill the spool to {0} below the lip, as the printed capacity is taken to mean. For another level, Undro needs '
                        . 'the lip diameter.',
                    $spool->ratedGap,
                );
            }
        }
        if ($spool->capacity?->disagreeing === true) {
            $notes[] = Note::of(
                'ratings_disagree',
                Weight::Warning,
                'The printed capacities disagree by more than usual, so the result is less certain. Check their units.',
            );
        }

        return $notes;
    }
}
