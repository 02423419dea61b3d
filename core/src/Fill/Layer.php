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
