<?php

declare(strict_types=1);

namespace Undro\Plan;

use Undro\Fill\Fill;
use Undro\Fill\Layer;
use Undro\Fill\Level;
use Undro\Fill\Role;
use Undro\Line\Material;
use Undro\Spool\Source;
use Undro\Spool\Spool;
use Undro\Units\Length;

/** What a plan has to say beside its figures. Source of the limits: handbook, chapters 1 and 2. */
final class Notes
{
    /** Nylon backing under nylon or fluorocarbon, times the main line's diameter. */
    private const THICK_UNDER_NYLON = 1.25;
    private const THICKISH_UNDER_BRAID = 1.5;
    private const THICK_UNDER_BRAID = 2.2;

    /**
     * @param Fill        $fill   as solved
     * @param Fill        $drawn  as it would lie: the same, or without the open layer where nothing fits
     * @param list<Layer> $layers as asked
     * @param array<string, Length> $onHand what is left on the fillers, by role
     *
     * @return list<Note> the gravest first
     */
    public static function on(Fill $fill, Fill $drawn, array $layers, ?Length $askedGap, array $onHand): array
    {
        $notes = [...self::misfit($fill, $drawn, $layers), ...self::stock($fill, $onHand), ...self::backing($layers), ...self::spool($fill->spool, $askedGap)];
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

        return [$most->inMetres() > 0
            ? Note::of('does_not_fit', Weight::Stop, "Nothing fits under it: the $word is {1} too long for this spool$height. At most {2} of it go on.", $above, Length::metres(max(1.0, ceil($metres))), $most)
            : Note::of('does_not_fit', Weight::Stop, "This does not fit: the other lines already overfill the spool$height. Shorten them.", $above)];
    }

    /**
     * @param list<Layer> $layers
     *
     * @return list<Note>
     */
    private static function backing(array $layers): array
    {
        $backing = null;
        $main = null;
        foreach ($layers as $layer) {
            $layer->role === Role::Backing ? $backing = $layer->line : $main = $layer->line;
        }
        if ($backing === null || $main === null) {
            return [];
        }
        $ratio = $backing->diameter->inMillimetres() / $main->diameter->inMillimetres();
        $braid = $main->material === Material::Braid;
        $limit = $braid ? self::THICK_UNDER_BRAID : self::THICK_UNDER_NYLON;
        $notes = [];
        if ($ratio > $limit) {
            $notes[] = Note::of('thick_backing', Weight::Warning, sprintf('The backing is %.1F times as thick as the main line. Above %.2F times, thin line sinks between the coils, casts badly and can snap off: take a thinner backing.', $ratio, $limit));
        } elseif ($braid && $ratio > self::THICKISH_UNDER_BRAID) {
            $notes[] = Note::of('thickish_backing', Weight::Note, sprintf('The backing is %.1F times as thick as the braid. It works; wind the first layer of braid tight so that it does not sink in.', $ratio));
        }
        if ($backing->material === Material::Braid) {
            $notes[] = Note::of('slick_backing', Weight::Note, 'Braid as backing needs a grip on a bare arbor: a strip of tape or a few metres of nylon first, or it can turn as one body.');
        }

        return $notes;
    }

    /**
     * Whether what is at hand is enough, the upper end of the band included.
     *
     * @param array<string, Length> $onHand by role
     *
     * @return list<Note>
     */
    private static function stock(Fill $fill, array $onHand): array
    {
        $notes = [];
        foreach ($fill->fits() ? $fill->layers : [] as $index => $layer) {
            $role = $layer->layer->role;
            $there = ($onHand[$role->value] ?? null)?->inMetres();
            if ($there === null) {
                continue;
            }
            $needed = $layer->length->inMetres();
            $most = $fill->solved?->index === $index ? $fill->solved->band->high()->inMetres() : $needed;
            if ($needed > $there) {
                $notes[] = Note::of("short_{$role->value}", Weight::Warning, "The filler holds {0}, which is {1} short for the {$role->word()}. Take another, or join two pieces.", Length::metres($there), Length::metres(max(1.0, $needed - $there)));
            } elseif ($most > $there) {
                $notes[] = Note::of("tight_{$role->value}", Weight::Note, "The filler holds {0}: enough for {1} of {$role->word()}, but not for the upper end of the tolerance, {2}.", Length::metres($there), Length::metres($needed), Length::metres($most));
            }
        }

        return $notes;
    }

    /** @return list<Note> */
    private static function spool(Spool $spool, ?Length $askedGap): array
    {
        $notes = [];
        if ($spool->source === Source::Rated) {
            $notes[] = Note::of('not_to_scale', Weight::Note, 'With the stamp alone lengths are known, but no depth and no turns. Two caliper readings, the lip and either the arbor or the traverse, add both.');
            if ($askedGap !== null && abs($askedGap->inMillimetres() - $spool->ratedGap->inMillimetres()) > 0.05) {
                $notes[] = Note::of('rated_gap', Weight::Note, "Answered at the {0} under the lip that the stamp is taken to mean; without the lip's diameter another level cannot be worked out.", $spool->ratedGap);
            }
        }
        if ($spool->capacity?->disagreeing === true) {
            $notes[] = Note::of('ratings_disagree', Weight::Warning, 'The stamped capacities disagree with each other by more than usual, which widens the tolerance. Check that they are read with the right units.');
        }

        return $notes;
    }
}
