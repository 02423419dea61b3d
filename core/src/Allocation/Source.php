<?php

declare(strict_types=1);

namespace Undro\Allocation;

use Undro\Units\Length;

/** Something line is cut from: a filler at hand, or a pack that can be bought as often as wanted. */
final readonly class Source
{
    /** Hundredths of a cent in what money is counted in. */
    public const MONEY = 1e4;
    private const MICRO = 1e6;

    /**
     * @param int $length micrometres
     * @param int $price  hundredths of a cent; 0 for what is at hand
     */
    public function __construct(
        public string $id,
        public string $line,
        public int $length,
        public int $price = 0,
        public bool $bought = false,
    ) {}

    /** A filler by its id, a pack by its place in the list, whatever its copy. */
    public function name(): string
    {
        return $this->bought ? "pack:$this->id" : $this->id;
    }

    /** A filler at hand. */
    public static function filler(string $id, string $line, Length $length): self
    {
        return new self($id, $line, self::micrometres($length));
    }

    /** A pack on sale, named by its place in the list. */
    public static function pack(int $place, string $line, Length $length, float $price): self
    {
        return new self((string) $place, $line, self::micrometres($length), (int) round($price * self::MONEY), true);
    }

    /** Whole micrometres, so that a cut that just fits fits. */
    public static function micrometres(Length $length): int
    {
        return (int) round($length->inMetres() * self::MICRO);
    }

    /** The length of so many micrometres. */
    public static function length(int $micrometres): Length
    {
        return Length::metres($micrometres / self::MICRO);
    }
}
