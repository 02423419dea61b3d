<?php

declare(strict_types=1);

namespace App\Http;

use App\Clock;
use App\Database\Answers;
use App\Http\Resources\LineResource;
use App\Learning\AsLearnt;
use App\Ledger\EventLog;
use App\Ledger\Lines;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Support\Collection;
use Undro\DomainFault;
use Undro\Json\PictureJson;
use Undro\Json\Written;
use Undro\Ledger\How;
use Undro\Ledger\OnSpool;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Spool\ReelKind;

/** What lies on spools, and their pictures with it. */
final class SpoolPictures
{
    /** @var array<int, string> of the lines that lie on spools */
    private array $lineQuestions = [];
    /** @var \WeakMap<Spool, array{ReelKind, string, list<Piece>}> kind of reel, key and what lies on it, of what was read ahead */
    private \WeakMap $ahead;
    /** @var \WeakMap<Spool, OnSpool> */
    private \WeakMap $on;

    public function __construct(
        private readonly Answers $answers,
        private readonly EventLog $log,
        private readonly Lines $lines,
        private readonly AsLearnt $learnt,
    ) {
        $this->ahead = new \WeakMap();
        $this->on = new \WeakMap();
    }

    /** @return array<array-key, mixed> shape, layers, how full, and the problem where it cannot be drawn */
    public function of(Spool $spool, ReelKind $reel): array
    {
        [$of, $known] = $this->ahead[$spool] ?? [null, ''];
        $key = $of === $reel ? $known : $this->key($spool, $reel, $this->lying($spool));

        return $this->answers->remembered($key, function () use ($spool, $reel): array {
            try {
                $shape = $this->learnt->shape($spool, $reel);

                return PictureJson::write($shape, $this->learnt->layers($this->lying($spool))) + ['problem' => null];
            } catch (DomainFault $fault) {
                return ['shape' => null, 'layers' => [], 'filled_fraction' => null, 'problem' => Written::sentence($fault->says)];
            }
        });
    }

    /** @return list<array<string, mixed>> each stretch that lies on it, from the arbor out, with its line */
    public function contents(Spool $spool): array
    {
        $contents = [];
        foreach ($this->on($spool)->stretches() as $stretch) {
            $contents[] = [
                'role' => $stretch->role->value,
                'line' => LineResource::facts($this->lines->product($stretch->line)),
                'length_m' => $stretch->length->inMetres(),
                'half_m' => $stretch->half?->inMetres(),
                'known' => How::values($stretch->known),
                'since' => $stretch->since,
            ];
        }

        return $contents;
    }

    private function on(Spool $spool): OnSpool
    {
        return $this->on[$spool] ??= OnSpool::of($this->ahead[$spool][2] ?? $this->lying($spool));
    }

    /** Whether the backing on it is offered to stay under a new main line. */
    public function keepsBacking(Spool $spool): bool
    {
        return $this->on($spool)->keepsBacking(Clock::today());
    }

    /**
     * Reads at once what the spools of many reels are drawn from.
     *
     * @param Collection<int, Reel> $reels with their spools
     */
    public function readAhead(Collection $reels): void
    {
        $keys = [];
        foreach ($reels as $reel) {
            $kind = $reel->kind;
            foreach ($reel->spools as $spool) {
                $lying = $this->lying($spool);
                $keys[] = $key = $this->key($spool, $kind, $lying);
                $this->ahead[$spool] = [$kind, $key, $lying];
            }
        }
        $this->answers->readAhead($keys);
    }

    /** @return list<Piece> from the arbor out */
    private function lying(Spool $spool): array
    {
        return $this->log->at(Place::of(PlaceKind::Spool, $spool->id));
    }

    /**
     * Of all that its picture depends on.
     *
     * @param list<Piece> $lying
     */
    private function key(Spool $spool, ReelKind $reel, array $lying): string
    {
        $question = ['picture', $reel->value, $spool->fingerprint(), (string) $this->learnt->room($spool->id)];
        foreach ($lying as $piece) {
            $question[] = $this->lineQuestions[$piece->product] ??= $this->lines->fingerprint($piece->product);
            $question[] = (string) $piece->length->inMetres();
            $question[] = (int) $piece->covered;
            $question[] = (string) $this->learnt->cell($piece->product);
        }

        return Answers::key($question);
    }
}
