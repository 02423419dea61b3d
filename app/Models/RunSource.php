<?php

declare(strict_types=1);

namespace App\Models;

use Undro\Input\Input;

/** Where a layer's line comes from. */
final readonly class RunSource
{
    /**
     * @param int|null $line   its product; null in practice
     * @param int|null $filler
     * @param int|null $spool  another reel's
     */
    public function __construct(public ?int $line = null, public ?int $filler = null, public ?int $spool = null) {}

    /** @throws \Undro\DomainFault */
    public static function read(Input $in): self
    {
        $id = static fn(string $key): ?int => ($number = $in->optionalNumber($key, 1, PHP_INT_MAX)) === null ? null : (int) $number;

        return new self($id('line'), $id('filler'), $id('spool'));
    }

    /** @return array<string, int|null> as it is kept */
    public function json(): array
    {
        return ['line' => $this->line] + array_filter(['filler' => $this->filler, 'spool' => $this->spool], is_int(...));
    }
}
