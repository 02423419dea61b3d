<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Line\Lay;
use Undro\Line\Line;
use Undro\Line\MainLine;
use Undro\Units\Length;
use Undro\Units\Volume;

/** One line wound over what is already on the spool. An open layer has no length yet. */
final readonly class Layer
{
    private function __construct(public Role $role, public Line $line, public ?Length $length) {}

    /** @throws BadFill if the length is negative */
    public static function of(Role $role, Line $line, Length $length): self
    {
        $length->inMetres() >= 0 || throw BadFill::negativeLength($role);

        return new self($role, $line, $length);
    }

    /** The layer whose length is to be found. */
    public static function open(Role $role, Line $line): self
    {
        return new self($role, $line, null);
    }

    /**
     * What lies on a spool as layers: the main line and what is under it. Stretches of one line that touch are one layer.
     *
     * @param list<array{Line, Length, int|string|null}> $stretches from the arbor out, each with which line it is; null: backing
     *
     * @return list<self>
     */
    public static function stacked(array $stretches): array
    {
        $begins = MainLine::begins(array_map(static fn(array $stretch): int|string|null => $stretch[2], $stretches));
        $layers = [];
        $before = null;
        foreach ($stretches as $place => [$line, $length, $which]) {
            $role = $place < $begins ? Role::Backing : Role::Main;
            $last = $layers[count($layers) - 1] ?? null;
            if ($last?->role === $role && $which === $before && ($which !== null || $last->line === $line)) {
                array_pop($layers);
                $length = $length->plus($last->length ?? Length::metres(0));
            }
            $layers[] = self::of($role, $line, $length);
            $before = $which;
        }

        return $layers;
    }

    /** The same layer of the same line, its cell known as well as this. */
    public function trusted(float $cellSd): self
    {
        return new self($this->role, $this->line->trusted($cellSd), $this->length);
    }

    /** What one metre takes out of the spool, mm3: 1000 s. */
    public function volumePerMetre(Lay $lay): Volume
    {
        return Volume::cubicMillimetres(1000 * $this->line->cell($lay)->inSquareMillimetres());
    }
}
