<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Filler;
use App\Models\LinePack;
use Illuminate\Database\Eloquent\Builder;
use Undro\Units\Price;

/** Packs as they can be bought: the angler's own list, and what was bought before with its price. */
final class Packs
{
    /** @var array<int, Pack>|null what was bought last, by line */
    private ?array $paid = null;

    /** @return list<Pack> */
    public function all(): array
    {
        $packs = [];
        foreach (LinePack::inUse()->orderBy('id')->get() as $pack) {
            $packs[$pack->line_product_id][] = new Pack(
                $pack->id,
                $pack->line_product_id,
                $pack->length_m,
                $pack->length_typed,
                $pack->price,
            );
        }
        foreach (self::priced()->orderByDesc('id')->get() as $filler) {
            $known = array_map(static fn(Pack $pack): float => $pack->metres, $packs[$filler->line_product_id] ?? []);
            if (!in_array($filler->full_length_m, $known, false)) {
                $packs[$filler->line_product_id][] = self::bought($filler);
            }
        }

        return array_merge(...array_values($packs));
    }

    /**
     * The least a metre of a line costs.
     *
     * @param list<Pack> $packs of it
     */
    public static function leastPerMetre(array $packs): ?Price
    {
        $best = null;
        foreach ($packs as $pack) {
            $price = $pack->perMetre();
            $best = $price !== null && ($best === null || $price->amount < $best->amount) ? $price : $best;
        }

        return $best;
    }

    /** What was paid for a metre of a line last; null: not known. */
    public function paidPerMetre(int $line): ?Price
    {
        if ($this->paid === null) {
            $this->paid = [];
            foreach (self::priced()->orderBy('id')->get() as $filler) {
                $this->paid[$filler->line_product_id] = self::bought($filler);
            }
        }

        return ($this->paid[$line] ?? null)?->perMetre();
    }

    /** @return Builder<Filler> those whose price says what a metre costs: it is known how long they were */
    private static function priced(): Builder
    {
        return Filler::query()->where('price', '!=', '')->where('full_length_m', '>', 0);
    }

    private static function bought(Filler $filler): Pack
    {
        return new Pack(null, $filler->line_product_id, (float) $filler->full_length_m, $filler->full_length_typed, $filler->price);
    }
}
