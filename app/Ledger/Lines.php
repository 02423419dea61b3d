<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\LineProduct;
use Undro\Fill\Layer;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Ledger\Stretch;
use Undro\Line\Line;

/** The lines that the log may speak of, put away ones too; read once a request, since the same few lie on hundreds of spools. */
final class Lines
{
    /** @var array<int, LineProduct>|null */
    private ?array $products = null;
    /** @var array<int, Line> */
    private array $lines = [];

    /** @return array<int, LineProduct> by number */
    public function all(): array
    {
        if ($this->products === null) {
            $this->products = [];
            foreach (LineProduct::query()->get() as $product) {
                $this->products[$product->id] = $product;
            }
        }

        return $this->products;
    }

    public function product(int $id): LineProduct
    {
        return $this->all()[$id] ?? throw new \LogicException("The log speaks of line $id, which there is not.");
    }

    /** The same for the same figures of a line, another for others. */
    public function fingerprint(int $id): string
    {
        $is = $this->product($id)->getAttributes();

        return json_encode([$is['material'], $is['diameter_mm'], $is['size_from'], $is['nominal']], JSON_THROW_ON_ERROR);
    }

    /** The line as the core knows it. */
    public function line(int $id): Line
    {
        return $this->lines[$id] ??= $this->product($id)->line();
    }

    /**
     * What lies on a spool, as the core knows it.
     *
     * @param list<Piece>                $pieces from the arbor out
     * @param (\Closure(int): float)|null $factor on each line's cell, by what was learnt of it
     *
     * @return list<Layer>
     */
    public function layers(array $pieces, ?\Closure $factor = null): array
    {
        return array_map(
            fn(Stretch $each): Layer => Layer::of(
                $each->role,
                $factor === null ? $this->line($each->line) : $this->line($each->line)->thicker($factor($each->line)),
                $each->length,
            ),
            OnSpool::of($pieces)->stretches(),
        );
    }

    public function forget(): void
    {
        $this->products = null;
        $this->lines = [];
    }
}
