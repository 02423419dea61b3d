<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Json\Written;
use Undro\Line\Material;
use Undro\Printed\Reading;
use Undro\Printed\Size;

/** "size": what is printed on a line, as understood, with what can be read two ways. */
final class SizeCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "size". Besides: "words" and "says", and per reading its "text".
     *
     * @throws \Undro\DomainFault naming the text, with the piece that cannot be read and what it could have been
     */
    public static function compute(Input $in): array
    {
        $piece = Size::read($in->text('text', 60), $in->choice('material', Material::class))->piece;

        return Written::reading($piece->used()) + [
            'choices' => $piece->open() ? [Written::choice($piece, static fn(Reading $reading): string => $reading->sizeText())] : [],
        ];
    }
}
