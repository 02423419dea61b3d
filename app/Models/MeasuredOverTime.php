<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock;
use App\Database\Row;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Spool\Measures;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Moment;

/**
 * What was measured on a spool: dated facts, each as typed with its canonical value, of which the last of a quantity counts.
 *
 * @property Collection<int, Measurement> $measurements
 */
trait MeasuredOverTime
{
    /** @var array<string, string>|null what was measured last, as typed, by quantity */
    private ?array $lastTyped = null;
    /** @var array<string, float|null> the same in mm */
    private array $lastMm = [];

    /** @return HasMany<Measurement, $this> */
    public function measurements(): HasMany
    {
        return $this->hasMany(Measurement::class)->orderBy('measured_at')->orderBy('id');
    }

    /** @return array<string, string> what was measured last, as typed, by quantity; empty where it was not */
    public function measures(): array
    {
        return $this->lastTyped ?? $this->readLast();
    }

    /**
     * Reads the stamps and last measures of many spools at once.
     *
     * @param iterable<array-key, self> $spools
     */
    public static function readAll(iterable $spools): void
    {
        $byId = [];
        $untyped = array_fill_keys(self::QUANTITIES, '');
        foreach ($spools as $spool) {
            [$spool->lastTyped, $spool->lastMm] = [$untyped, []];
            $byId[$spool->id] = $spool;
        }
        foreach (array_chunk(array_keys($byId), 500) as $ids) {
            $rows = DB::table('measurements')->whereIntegerInRaw('spool_id', $ids)->orderBy('measured_at')->orderBy('id');
            foreach (Row::all($rows, ['spool_id', 'quantity', 'typed', 'value_mm']) as $row) {
                [$spool, $quantity] = [$byId[$row->int('spool_id')], $row->text('quantity')];
                $spool->lastTyped[$quantity] = $row->text('typed');
                $spool->lastMm[$quantity] = $row->optionalFloat('value_mm');
            }
            $stamps = Rating::query()->whereIntegerInRaw('spool_id', $ids)->get()->keyBy('spool_id');
            foreach ($ids as $id) {
                $byId[$id]->setRelation('rating', $stamps->get($id));
            }
        }
    }

    /** A new dated fact, where it differs from the last one. @param string $workings how it was got */
    public function measured(string $quantity, string $typed, ?float $millimetres, string $workings = ''): void
    {
        if ($this->measures()[$quantity] !== $typed) {
            $last = $this->measurements()->where('quantity', $quantity)->max('measured_at');
            $this->measurements()->create([
                'quantity' => $quantity,
                'typed' => $typed,
                'value_mm' => $millimetres,
                'how' => $this->measured_with->value,
                'workings' => $workings,
                // what is measured now counts from now on, also where the clock was set back since the last time
                'measured_at' => Clock::moment()->after(is_string($last) ? Moment::read($last) : null)->dated(),
            ]);
            $this->lastTyped = null;
        }
    }

    /** A measurement made elsewhere, with its date; one that is known changes nothing. @throws \Undro\DomainFault */
    public function measuredBefore(TypedFigures $fact): void
    {
        $quantity = $fact->text('quantity');
        $when = Clock::read($fact->in, 'measured_at')->dated();
        if ($this->measurements()->where(['quantity' => $quantity, 'measured_at' => $when])->doesntExist()) {
            $this->measurements()->create([
                'quantity' => $quantity,
                'typed' => $fact->text('typed'),
                'value_mm' => $fact->in->optionalMillimetres('typed', ...self::bounds($quantity))?->inMillimetres(),
                'how' => $fact->text('how'),
                'workings' => $fact->text('workings'),
                'measured_at' => $when,
            ]);
            $this->lastTyped = null;
        }
    }

    /** @return array<string, string> as typed */
    private function readLast(): array
    {
        self::readAll([$this]);

        return $this->lastTyped ?? [];
    }

    private function mm(string $quantity): ?float
    {
        if ($this->lastTyped === null) {
            $this->readLast();
        }

        return $this->lastMm[$quantity] ?? null;
    }

    /** @throws \Undro\DomainFault if they cannot be of one spool */
    private function coreMeasures(): Measures
    {
        $diameter = static fn(?float $mm): ?Diameter => $mm === null ? null : Diameter::millimetres($mm);
        $traverse = $this->mm('traverse');

        return new Measures(
            $diameter($this->mm('lip_diameter')),
            $diameter($this->mm('arbor_diameter')),
            $diameter($this->mm('arbor_deep_diameter')),
            $traverse === null ? null : Length::millimetres($traverse),
            $this->measured_with->sd(),
        );
    }

    /** @return array{float, float} */
    private static function bounds(string $quantity): array
    {
        return in_array($quantity, ['bevel_depth', 'rated_gap', 'full_mark'], true) ? [0.0, 30.0] : Bounds::SPOOL_MM;
    }

    private function measure(Input $measures, string $workings): void
    {
        foreach (self::QUANTITIES as $quantity) {
            if ($measures->mentions($quantity)) {
                $mm = $measures->optionalMillimetres($quantity, ...self::bounds($quantity))?->inMillimetres();
                $this->measured($quantity, trim($measures->text($quantity, 60)), $mm, $workings);
            }
        }
        // together they must be of one spool
        $this->coreMeasures();
    }
}
