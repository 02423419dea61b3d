<?php

declare(strict_types=1);

namespace App\Runs;

use App\Clock;
use App\Ledger\EventLog;
use App\Models\Angler;
use App\Models\Filler;
use App\Models\LineProduct;
use App\Models\Reel;
use App\Models\Run;
use App\Models\RunSource;
use App\Models\TypedFigures;
use Illuminate\Support\Carbon;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Input\Input;
use Undro\Json\RunInput;
use Undro\Ledger\BadLedger;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Line\Material;
use Undro\Printed\Reading;
use Undro\Printed\Size;
use Undro\Spool\BadSpool;
use Undro\Spool\Usual;
use Undro\Way\WayId;

/** Begins a run from a plan. */
final readonly class Beginning
{
    public function __construct(private EventLog $log) {}

    /** @throws \Undro\DomainFault if the plan cannot be wound */
    public function of(Input $in): Run
    {
        $id = static fn(string $key): ?int => ($number = $in->optionalNumber($key, 1, PHP_INT_MAX)) === null ? null : (int) $number;
        [$angler, $reel, $spool, $practice] = [
            Angler::query()->find($id('angler')),
            Reel::query()->find($id('reel')),
            $id('spool'),
            $id('practice'),
        ];
        $reel === null || $spool === null || $reel->takes($spool) || throw BadSpool::ofAnotherReel();
        $case = $in->object('case');
        $lying = $spool === null || $practice !== null ? [] : $this->log->at(Place::of(PlaceKind::Spool, $spool));
        $comesOff = $case->text('way', 40) === WayId::Kept->value ? OnSpool::of($lying)->main : $lying;
        $basis = [
            'case' => $case->all(),
            'old_line_m' => Piece::total($comesOff)->inMetres(),
            'leader' => $in->has('leader') ? $in->boolean('leader') : null,
            'pace_turns_per_min' => $angler->pace_turns_per_min ?? Usual::PACE_TURNS_PER_MIN,
        ];
        $basis['fillers'] = $practice !== null ? [] : $this->fillers($in);
        $sources = array_map(
            static fn(Layer $layer): array => self::source($layer->role->value, $case, $in, $practice !== null)->json(),
            RunInput::course(Input::of($basis))->layers,
        );
        if ($practice === null) {
            array_map($this->refuseWhatLiesUnder(...), $sources);
        }

        return Run::query()->create([
            'uuid' => $in->text('id', 36),
            'name' => $in->text('name', 120),
            'angler_id' => $angler?->id,
            'reel_id' => $reel?->id,
            'spool_id' => $spool,
            'basis' => $basis + ['draft' => (new TypedFigures($in->all()))->texts('draft'), 'sources' => $sources],
            'truth' => $practice === null ? null : ['seed' => $practice],
            'started_at' => Clock::now(),
        ]);
    }

    /**
     * How large the fillers are that line comes off, by role: what the slack test goes by.
     *
     * @return array<string, array<string, float|null>>
     */
    private function fillers(Input $in): array
    {
        $sources = $in->has('sources') ? $in->object('sources') : Input::of([]);
        $found = [];
        foreach (Role::cases() as $role) {
            $id = $sources->has($role->value) ? RunSource::read($sources->object($role->value))->filler : null;
            $filler = $id === null ? null : Filler::query()->find($id);
            if ($filler !== null) {
                $found[$role->value] = [
                    'full_mm' => $filler->diameter_mm,
                    'core_mm' => $filler->core_mm,
                    'full_length_m' => $filler->full_length_m,
                    'left_m' => Piece::total($this->log->at($filler->place()))->inMetres(),
                ];
            }
        }

        return $found;
    }

    /**
     * Line off another spool must lie outermost there.
     *
     * @param array<string, int|null> $source
     *
     * @throws BadLedger
     */
    private function refuseWhatLiesUnder(array $source): void
    {
        $spool = $source['spool'] ?? null;
        if ($spool !== null && Piece::outermost($this->log->at(Place::of(PlaceKind::Spool, $spool)), (int) $source['line']) === []) {
            throw BadLedger::liesUnder();
        }
    }

    private static function source(string $role, Input $case, Input $in, bool $practice): RunSource
    {
        $sources = $in->has('sources') ? $in->object('sources') : Input::of([]);
        $said = $sources->has($role) ? RunSource::read($sources->object($role)) : new RunSource();

        return $practice ? $said : new RunSource(self::product($said->line, $case->object($role)), $said->filler, $said->spool);
    }

    /**
     * The line a role's figures speak of. One that was only typed is kept, so that the log can name it, but put away: it stands in no
     * list to pick from.
     */
    private static function product(?int $line, Input $figures): int
    {
        if ($line !== null && LineProduct::query()->whereKey($line)->exists()) {
            return $line;
        }
        $material = $figures->choice('material', Material::class, Material::Mono);
        $typed = $figures->text('size', 40);
        $size = $figures->read('size', static fn(): Reading => Size::sure($typed, $material));

        return LineProduct::query()->firstOrCreate(['name' => ucfirst($material->word()) . ' ' . trim($typed), 'material' => $material], [
            'size_typed' => $typed,
            'diameter_mm' => $size->diameter->inMillimetres(),
            'nominal' => $size->nominal,
            'archived_at' => Carbon::now(),
        ])->id;
    }
}
