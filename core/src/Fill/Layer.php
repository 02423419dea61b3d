<?php

declare(strict_types=1);

namespace Undro\Fill;

use Undro\Line\Lay;
use Undro\Line\Line;
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
     * What lies on a spool as layers: the outermost line is the main line, what is under it backing. Stretches of one line that touch
     * are one layer.
     *
     * @param list<array{Line, Length}> $stretches from the arbor out
     *
     * @return list<self>
     */
    public static function stacked(array $stretches): array
    {
        $layers = [];
        foreach ($stretches as [$line, $length]) {
            $last = $layers[count($layers) - 1] ?? null;
            if ($last !== null && $last->line === $line) {
                array_pop($layers);
                $length = $length->plus($last->length ?? Length::metres(0));
            }
            $layers[] = self::of(Role::Backing, $line, $length);
        }
        $outer = array_pop($layers);

        return $outer === null ? [] : [...$layers, self::of(Role::Main, $outer->line, $outer->length ?? Length::metres(0))];
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
