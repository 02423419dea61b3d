<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Fill\FullLevel;
use Undro\Fill\GapReasonId;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Habit\BackWith;
use Undro\Habit\Habits;
use Undro\Habit\Question;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Plan\LengthBy;
use Undro\Plan\MainLength;
use Undro\Plan\SizeFrom;
use Undro\Printed\Reading;
use Undro\Printed\Size;
use Undro\Spool\LipShape;
use Undro\Spool\Rating;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Spool\Tolerance;
use Undro\Statistics\CorrelationMatrix;
use Undro\Units\Length;
use Undro\Units\Price;
use Undro\Way\Build;
use Undro\Way\Cost;
use Undro\Way\Kept;
use Undro\Way\Open;
use Undro\Way\Wanted;
use Undro\Way\WayId;

/** A plan as the angler types it, read for the calculators that answer it. */
final readonly class PlanInput
{
    /** @param list<Rating> $ratings as stamped */
    private function __construct(
        public Wanted $wanted,
        public ReelKind $reel,
        public LipShape $lip,
        public FullLevel $level,
        public ?Length $bevel,
        public bool $ownGap,
        public bool $ownMark,
        public array $ratings,
        public Reading $mainSize,
        public ?Reading $backingSize,
    ) {}

    /** @throws \Undro\DomainFault */
    public static function read(Input $in): self
    {
        $reelIn = $in->object('reel');
        $spoolIn = $in->object('spool');
        $mainIn = $in->object('main');
        $backingIn = $in->has('backing') ? $in->object('backing') : null;
        $reel = $reelIn->choice('kind', ReelKind::class, ReelKind::Spinning);
        $lip = $reelIn->choice('lip', LipShape::class, $reel->usualLip());
        [$spool, $measureSd] = SpoolInput::measuredWith($spoolIn, $reel);
        $learnt = $in->has('learnt') ? $in->object('learnt') : null;
        $spool = $learnt === null ? $spool : self::learnt($learnt, $spool);
        $habits = self::habits($in);
        [$main, $mainSize] = self::line($mainIn, $learnt?->has('main') === true ? $learnt->object('main') : null);
        [$backing, $backingSize] = $backingIn === null ? [null, null] : self::line(
            $backingIn,
            $learnt?->has('backing') === true ? $learnt->object('backing') : null,
        );
        $bevel = $reelIn->optionalMillimetres('bevel_depth_mm', 0, 30);
        $level = FullLevel::of(
            $reel,
            $lip,
            $bevel,
            $main,
            $spool->lay,
            $in->boolean('long_cast'),
            $in->boolean('beginner'),
            $in->choices('off', GapReasonId::class),
            $habits->full(),
            $mark = $reelIn->optionalMillimetres('full_mark_mm', 0, 30),
        );
        $own = $in->optionalMillimetres('gap_mm', ...Bounds::GAP_MM);
        $wanted = $in->make(static fn(): Wanted => new Wanted(
            $reel,
            $spool,
            $in->choice('open', Open::class, Open::Backing),
            $main,
            self::mainLength($mainIn),
            $backing,
            $backingIn?->optionalMetres('length_m', ...Bounds::LENGTH_M),
            $own ?? $level->gap,
            $in->optionalMillimetres('join_depth_mm', 0, 200),
            $reelIn->optionalNumber('gear_ratio', ...Bounds::GEAR_RATIO),
            $measureSd,
            array_filter([
                Role::Main->value => $mainIn->optionalMetres('on_hand_m', ...Bounds::LENGTH_M),
                Role::Backing->value => $backingIn === null ? null : self::onHand($backingIn),
            ]),
            $in->choice('way', WayId::class, WayId::Backing),
            $in->optionalDiameter('sleeve_mm', ...Bounds::SPOOL_MM),
            self::wraps($in),
            $in->optionalMillimetres('tape_mm', 0.02, 2.0) ?? Length::millimetres(Build::TAPE_MM),
            $backingIn?->optionalChoice('with', BackWith::class) ?? BackWith::from($habits->school(Question::BackWith)),
            $in->boolean('grips'),
            new Cost(array_filter([
                Role::Main->value => self::paid($mainIn),
                Role::Backing->value => $backingIn === null ? null : self::paid($backingIn),
            ])),
            $habits,
            $own ?? $level->gap,
            $in->has('kept') ? self::kept($in->object('kept'), $backing) : null,
            $mainIn->boolean('off_reel'),
            $halves = array_filter([
                Role::Main->value => $mainIn->optionalMetres('on_hand_half_m', ...Bounds::LENGTH_M),
                Role::Backing->value => $backingIn?->optionalMetres('on_hand_half_m', ...Bounds::LENGTH_M),
            ]),
            self::mainLengthSd($mainIn, $halves[Role::Main->value] ?? null),
            $mainIn->boolean('parked'),
        ));

        return new self(
            $wanted,
            $reel,
            $lip,
            $level,
            $bevel,
            $own !== null,
            $mark !== null,
            SpoolInput::ratings($spoolIn, $reel),
            $mainSize,
            $backingSize,
        );
    }

    /**
     * Backing that may stay on the spool.
     *
     * @param Line|null $backing as finished fills have shown it to lie, where it is the one that stays
     *
     * @throws \Undro\DomainFault
     */
    private static function kept(Input $in, ?Line $backing): ?Kept
    {
        $depth = $in->optionalMillimetres('depth_mm', 0, 200);
        $layers = array_map(static function (Input $each) use ($backing): Layer {
            [$line] = self::line($each);
            $same = $backing !== null && $backing->material === $line->material
                && $backing->diameter->inMillimetres() === $line->diameter->inMillimetres();

            return Layer::of(Role::Backing, $same ? $backing : $line, $each->metres('length_m', ...Bounds::LENGTH_M));
        }, $in->objects('layers', 0, 10));

        return $depth === null && $layers === []
            ? null
            : Kept::of($depth, (int) $in->number('readings', 1, 12, 3), $layers, $in->boolean('sound'), array_map(
                static fn(Input $each): ?Length => $each->optionalMetres('on_hand_half_m', ...Bounds::LENGTH_M),
                $in->objects('layers', 0, 10),
            ));
    }

    /** The angler's schools. @throws \Undro\DomainFault */
    public static function habits(Input $in): Habits
    {
        return Habits::of($in->words('schools', 20));
    }

    /** A spool as finished fills have shown it to be. @throws \Undro\DomainFault */
    private static function learnt(Input $in, Spool $spool): Spool
    {
        $together = array_map(static fn(Input $row): array => $row->numbers('with', -1.0, 1.0, '', 3), $in->objects('together', 3, 3));

        return $spool->learnt(
            $in->number('volume_factor', ...Bounds::FACTOR),
            $in->number('volume_sd', ...Bounds::SD),
            new CorrelationMatrix($together),
        );
    }

    /**
     * A line by its label or as measured, and as finished fills have shown it to lie.
     *
     * @return array{Line, Reading}
     *
     * @throws \Undro\DomainFault
     */
    public static function line(Input $in, ?Input $learnt = null): array
    {
        $material = $in->choice('material', Material::class, Material::Mono);
        $typed = $in->text('size', 40);
        $size = $in->read('size', static fn(): Reading => Size::read($typed, $material)->piece->used());
        $in->within('size', $size->diameter->inMillimetres(), ...[...Bounds::LINE_MM, 'mm']);
        $sd = $in->choice('size_from', SizeFrom::class, SizeFrom::Label)->cellSd($material, $size->nominal);

        $factor = $learnt?->number('cell_factor', ...Bounds::FACTOR) ?? 1.0;
        $sd = $learnt?->number('cell_sd', ...Bounds::SD) ?? $sd;

        return [$in->make(static fn(): Line => Line::of($material, $size->diameter, $factor, $sd)), $size];
    }

    private static function mainLength(Input $in): ?Length
    {
        return MainLength::of(
            $in->choice('length_by', LengthBy::class, LengthBy::Typed),
            $in->optionalMetres('length_m', ...Bounds::LENGTH_M),
            $in->optionalMetres('on_hand_m', ...Bounds::LENGTH_M),
            (int) $in->number('parts', 1, 20, 2),
            $in->optionalMetres('cast_m', 0, 500),
            $in->optionalMetres('run_m', 0, 2000),
        );
    }

    /** What is left on the filler once another reel has taken its part. */
    private static function onHand(Input $in): ?Length
    {
        $there = $in->optionalMetres('on_hand_m', ...Bounds::LENGTH_M);
        $taken = $in->optionalMetres('on_hand_taken_m', ...Bounds::LENGTH_M);

        return $there === null ? null : Length::metres(max(0.0, $there->inMetres() - ($taken?->inMetres() ?? 0.0)));
    }

    /** sd of the main line's length, m: typed it is what it is; all of a filler, or a share, is known as the filler is. */
    private static function mainLengthSd(Input $in, ?Length $half): float
    {
        $sd = ($half?->inMetres() ?? 0.0) / Tolerance::BAND;

        return match ($in->choice('length_by', LengthBy::class, LengthBy::Typed)) {
            LengthBy::All => $sd,
            LengthBy::Share => $sd / max(1, (int) $in->number('parts', 1, 20, 2)),
            default => 0.0,
        };
    }

    private static function wraps(Input $in): ?int
    {
        $wraps = $in->optionalNumber('tape_wraps', 1, 100);

        return $wraps === null ? null : (int) round($wraps);
    }

    /** @return array{Price, Length}|null what was paid for a filler, and its full length */
    private static function paid(Input $in): ?array
    {
        $typed = trim($in->text('price', 40));
        $for = $in->optionalMetres('price_for_m', 0.1, Bounds::LENGTH_M[1]);

        return $typed === '' || $for === null ? null : [$in->read('price', static fn(): Price => Price::read($typed)), $for];
    }
}
