<?php

declare(strict_types=1);

namespace Undro\Ledger;

use Undro\DomainFault;
use Undro\Units\Exact;
use Undro\Units\Length;
use Undro\Units\Moment;
use Undro\Units\Sentence;

/** An event that cannot have happened as told. */
final class BadLedger extends DomainFault
{
    private const PLACE = 'place';

    /** Names “length_m”. */
    public static function noLength(): self
    {
        return new self('length_m', 'The length must be above 0.');
    }

    /** Names “place”. */
    public static function noSuchPlace(PlaceKind $kind): self
    {
        return new self('place', ucfirst($kind->word()) . ' needs a number. Only filler spools, spools and spare spools have one.');
    }

    /** Names “length_m”. */
    public static function notEnough(Place $place, Length $wanted, Length $there): self
    {
        $says = Sentence::of(
            ucfirst($place->kind->word()) . ' has {0}, so you can’t take {1} off it. Take {0} at most, or correct the stock first.',
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
                'Then the entry "%s" of %s would be impossible. ',
                str_replace('_', ' ', $event->kind->value),
                Moment::written($event->happenedAt),
            )),
            $fault->more,
        );
    }

    /** Names “product”. */
    public static function otherProduct(Place $place): self
    {
        return new self('product', "A filler spool holds one kind of line, and something else is on {$place->kind->word()}.");
    }

    /** Names “sources”. */
    public static function liesUnder(): self
    {
        return new self(
            'sources',
            'This line is not the outermost one on its spool. Strip what is on top first, and log it.',
        );
    }

    /** A client's id stands for one thing alone. */
    public static function idOfSomethingElse(string $id): self
    {
        return new self(
            'id',
            sprintf('The id "%s" is in use already. Each entry needs its own id.', mb_substr($id, 0, 40)),
        );
    }

    /** Names “corrects”. */
    public static function correctsNothing(string $id): self
    {
        return new self('corrects', sprintf('There is no earlier entry "%s" to correct.', mb_substr($id, 0, 40)));
    }
}
