<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\DomainFault;
use Undro\Units\Exact;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** An event that cannot have happened as told. */
final class BadLedger extends DomainFault
{
    private const PLACE = 'place';

    /** Names “length_m”. */
    public static function noLength(): self
    {
        return new self('length_m', 'A length of line that moves must be above 0.');
    }

    /** Names “place”. */
    public static function noSuchPlace(PlaceKind $kind): self
    {
        return new self('place', "Say which: {$kind->word()} needs a number, and only fillers, spools and carriers have one.");
    }

    /** Names “length_m”. */
    public static function notEnough(Place $place, Length $wanted, Length $there): self
    {
        $says = Sentence::of(
            ucfirst($place->kind->word()) . ' holds {0}, and {1} cannot come off it. Give {0} at most, or correct the stock first.',
            Exact::metres(floor(10 * $there->inMetres()) / 10),
            Exact::metres(ceil(10 * $wanted->inMetres()) / 10),
        );

        return new self('length_m', $says, [self::PLACE => $place->key()]);
    }

    /**
     * The same fault with the place it speaks of called by its name.
     *
     * @param \Closure(Place): ?string $name
     */
    public function calling(\Closure $name): self
    {
        $place = isset($this->more[self::PLACE]) ? Place::ofKey($this->more[self::PLACE]) : null;
        $called = $place === null ? null : $name($place);

        return $place === null || $called === null
            ? $this
            : new self($this->field, $this->says->calling(ucfirst($place->kind->word()), ucfirst("{$place->kind->word()} “{$called}”")));
    }

    /** An entry that stands already cannot have happened any more. */
    public static function afterwards(Event $event, self $fault): self
    {
        return new self(
            $fault->field,
            $fault->says->after(sprintf(
                'Then the entry "%s" of %s could not have happened. ',
                str_replace('_', ' ', $event->kind->value),
                substr($event->happenedAt, 0, 10),
            )),
            $fault->more,
        );
    }

    /** Names “product”. */
    public static function otherProduct(Place $place): self
    {
        return new self('product', "A filler holds one kind of line; something else lies on {$place->kind->word()}.");
    }

    /** Names “sources”. */
    public static function liesUnder(): self
    {
        return new self(
            'sources',
            'On the spool it comes off this line does not lie outermost. Take off what lies over it first, and write that down.',
        );
    }

    /** A client's id stands for one thing alone. */
    public static function idOfSomethingElse(string $id): self
    {
        return new self(
            'id',
            sprintf('The id "%s" is that of something else already. Each entry needs an id of its own.', mb_substr($id, 0, 40)),
        );
    }

    /** Names “corrects”. */
    public static function correctsNothing(string $id): self
    {
        return new self('corrects', sprintf('There is no event "%s" before it to correct.', mb_substr($id, 0, 40)));
    }
}
