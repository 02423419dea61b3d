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
     *
     * @return list<Note> the gravest first
     */
    public static function on(Fill $fill, Fill $drawn, array $layers, ?Length $askedGap): array
    {
        $notes = [...self::misfit($fill, $drawn, $layers), ...self::backing($layers), ...self::spool($fill->spool, $askedGap)];
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
        $height = $rise === null ? '' : sprintf(', and would end %.1F mm above the full mark', $fill->gap->inMillimetres() - $rise->depth->inMillimetres());
        $most = max(0.0, ($blame->length?->inMetres() ?? 0.0) - $metres);
        $word = $blame->role->word();

        return [new Note('does_not_fit', Weight::Stop, $most > 0
            ? sprintf('Nothing fits under it: the %s is %d m too long for this spool%s. At most %d m of it go on.', $word, (int) ceil($metres), $height, (int) floor($most))
            : sprintf('This does not fit: the other lines already overfill the spool%s. Shorten them.', $height))];
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
            $notes[] = new Note('thick_backing', Weight::Warning, sprintf('The backing is %.1F times as thick as the main line. Above %.2F times, thin line sinks between the coils, casts badly and can snap off: take a thinner backing.', $ratio, $limit));
        } elseif ($braid && $ratio > self::THICKISH_UNDER_BRAID) {
            $notes[] = new Note('thickish_backing', Weight::Note, sprintf('The backing is %.1F times as thick as the braid. It works; wind the first layer of braid tight so that it does not sink in.', $ratio));
        }
        if ($backing->material === Material::Braid) {
            $notes[] = new Note('slick_backing', Weight::Note, 'Braid as backing needs a grip on a bare arbor: a strip of tape or a few metres of nylon first, or it can turn as one body.');
        }

        return $notes;
    }

    /** @return list<Note> */
    private static function spool(Spool $spool, ?Length $askedGap): array
    {
        $notes = [];
        if ($spool->source === Source::Rated) {
            $notes[] = new Note('not_to_scale', Weight::Note, 'With the stamp alone lengths are known, but no depth and no turns. Two caliper readings, the lip and either the arbor or the traverse, add both.');
            if ($askedGap !== null && abs($askedGap->inMillimetres() - $spool->ratedGap->inMillimetres()) > 0.05) {
                $notes[] = new Note('rated_gap', Weight::Note, sprintf('Answered at the %.1F mm under the lip that the stamp is taken to mean; without the lip\'s diameter another level cannot be worked out.', $spool->ratedGap->inMillimetres()));
            }
        }
        if ($spool->capacity?->disagreeing === true) {
            $notes[] = new Note('ratings_disagree', Weight::Warning, 'The stamped capacities disagree with each other by more than usual, which widens the tolerance. Check that they are read with the right units.');
        }

        return $notes;
    }
}
