<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\Written;
use Undro\Line\Material;
use Undro\Printed\Piece;
use Undro\Printed\Reading;
use Undro\Printed\Stamp;
use Undro\Spool\ReelKind;
use Undro\Spool\StampUnits;

/** "stamp": what is printed on a spool of a reel, as understood, with what can be read two ways. */
final class StampCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "stamp". Besides: "says" for other units, "turned" where a length stood first, and
     * per reading the "text" of the whole print in which only that can be read.
     *
     * @throws \Undro\DomainFault naming the text, with the piece that cannot be read and what it could have been
     */
    public static function compute(Input $in): array
    {
        $stamp = Stamp::read(
            $in->text('text', Bounds::TEXT),
            $in->choice('reel', ReelKind::class, ReelKind::Spinning),
            $in->optionalChoice('material', Material::class),
            $in->optionalChoice('units', StampUnits::class),
        );
        $choices = [];
        foreach ($stamp->pieces as $index => $piece) {
            if ($piece->open()) {
                $choices[] = Written::choice(
                    $piece,
                    static fn(Reading $reading): string => $stamp->with($index, $reading),
                );
            }
        }

        return [
            'capacities' => array_map(static fn(Piece $piece): array => Written::reading($piece->used()) + [
                'piece' => $piece->typed,
                'turned' => $piece->turned,
            ], $stamp->pieces),
            'choices' => $choices,
        ];
    }
}
