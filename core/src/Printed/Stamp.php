<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\Input\Bounds;
use Undro\Line\Material;
use Undro\Spool\Rating;
use Undro\Spool\ReelKind;
use Undro\Spool\StampUnits;
use Undro\Units\Length;

/**
 * Reads what is stamped on a spool: capacities, each a size and a length, with units, headings and materials as makers print
 * them. What can be read two ways is decided by what such a spool can hold and by the other capacities. Source: handbook, chapter 7.
 */
final readonly class Stamp
{
    /** The nearest there is to nothing at all. */
    public const EXAMPLE = '0.25/200';

    /** @param non-empty-list<Piece> $pieces in the order typed */
    private function __construct(public array $pieces) {}

    /**
     * @param Material|null   $material of capacities that do not say theirs; null: not known, so nylon
     * @param StampUnits|null $units    of figures that do not say theirs, where the angler has said
     *
     * @throws BadPrint naming the piece that cannot be read and what it could have been
     */
    public static function read(
        string $text,
        ReelKind $reel = ReelKind::Spinning,
        ?Material $material = null,
        ?StampUnits $units = null,
    ): self {
        try {
            return self::strictly($text, $reel, $material, $units);
        } catch (BadPrint $fault) {
            $whole = [$fault->piece() . '/200', '0.25 mm / ' . $fault->piece()];
            if (preg_match('/^[6-9]\d|^\d{3}|(?<!m)m$|y\w*$/i', $fault->piece()) === 1) {
                $whole = array_reverse($whole);
            }
            throw Near::to($fault, $text, self::EXAMPLE, $whole, static fn(string $near): self => self::strictly($near, $reel, $material, $units));
        }
    }

    /** What a form says that asks for nylon unless told: nylon is as good as not said. */
    public static function unless(Material $material): ?Material
    {
        return $material === Material::Mono ? null : $material;
    }

    /** @return non-empty-list<Rating> the capacities as a plan takes them */
    public function ratings(): array
    {
        return array_map(static function (Piece $piece): Rating {
            $used = $piece->used();

            return Rating::of($used->length ?? Length::metres(0), $used->diameter, $used->material, $used->nominal, $used->stamped());
        }, $this->pieces);
    }

    /** The whole print with one piece read in another of its ways, so that all of it can be read in one way only. */
    public function with(int $index, Reading $taken): string
    {
        return implode('; ', array_map(static function (int $at, Piece $piece) use ($index, $taken): string {
            if ($at === $index) {
                return $taken->text();
            }
            // the capacities of one stamp speak alike
            foreach ($piece->readings as $each) {
                if ($each->speaksAs($taken)) {
                    return $each->text();
                }
            }

            return $piece->used()->text();
        }, array_keys($this->pieces), $this->pieces));
    }

    /** @throws BadPrint */
    private static function strictly(string $text, ReelKind $reel, ?Material $material, ?StampUnits $units): self
    {
        $figures = Scanner::figures($text);
        $figures !== [] || throw (trim($text) === '' ? BadPrint::nothing() : BadPrint::unreadable(trim($text)));
        $pairs = Pair::all($figures, $text);
        $pieces = [];
        foreach (Guess::runs($pairs) as $run) {
            foreach (Guess::readings($run, $reel, $material, $units) as $at => $readings) {
                $pair = $run[$at];
                self::within($pair, $readings[0]);
                $pieces[] = new Piece($pair->typed, $readings, $pair->turned);
            }
        }

        return $pieces !== [] ? new self($pieces) : throw BadPrint::unreadable(trim($text));
    }

    /** @throws BadPrint where no line is like that */
    private static function within(Pair $pair, Reading $reading): void
    {
        $thick = $reading->diameter->inMillimetres();
        $length = $reading->length ?? Length::metres(0);
        $length->inMetres() > 0 || throw BadPrint::notAboveZero($pair->typed);
        $thick <= Bounds::LINE_MM[1] || throw BadPrint::thick($pair->typed, $reading->diameter);
        $thick >= Bounds::LINE_MM[0] || throw BadPrint::thin($pair->typed, $reading->diameter);
        $length->inMetres() <= Length::LONGEST_M || throw BadPrint::long($pair->typed, $length);
    }
}
