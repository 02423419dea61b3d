<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Drag\Knob;
use Undro\Drag\Pull;
use Undro\Input\BadInput;
use Undro\Input\Bounds;
use Undro\Input\Input;

/** Reads pulls against a drag, and how far its knob can go. */
final readonly class PullsInput
{
    /** Where the knob may stand, counted from wherever; wider than any thread. */
    private const POSITION = [-1000.0, 1000.0];

    /**
     * @param list<Pull> $pulls
     * @param list<bool> $sure  which of them were asked about and stand
     */
    private function __construct(
        public Knob $knob,
        public ?float $least,
        public ?float $most,
        public array $pulls,
        public array $sure,
    ) {}

    /** @throws \Undro\DomainFault */
    public static function read(Input $in): self
    {
        $knob = $in->choice('knob', Knob::class);
        $limits = $in->has('limits') ? $in->object('limits') : Input::of([]);
        $least = $limits->optionalNumber('min', ...self::POSITION);
        $most = $limits->optionalNumber('max', ...self::POSITION);
        $least === null || $most === null || $least <= $most
            || throw BadInput::outOfRange('limits.max', $most, $least, self::POSITION[1], '');

        $pulls = $in->objects('pulls', 0, 200);

        return new self(
            $knob,
            $least,
            $most,
            array_map(static fn(Input $pull): Pull => self::pull($pull, $knob, $least, $most), $pulls),
            array_map(static fn(Input $pull): bool => $pull->boolean('sure'), $pulls),
        );
    }

    private static function pull(Input $in, Knob $knob, ?float $least, ?float $most): Pull
    {
        $position = $in->number('position', ...self::POSITION);

        return $in->make(static function () use ($in, $position, $knob, $least, $most): Pull {
            $knob->check($position, $least, $most);

            return Pull::of($position, $in->optionalForce('running_N', ...Bounds::FORCE_N), $in->optionalForce('start_up_N', ...Bounds::FORCE_N));
        });
    }
}
