<?php

declare(strict_types=1);

namespace App\Http;

use App\Ledger\EventLog;
use App\Ledger\Lines;
use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Support\Collection;
use Undro\DomainFault;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Json\PictureJson;
use Undro\Ledger\Piece;
use Undro\Ledger\Place;
use Undro\Ledger\PlaceKind;
use Undro\Spool\ReelKind;

/** Pictures of spools with what lies on them. */
final readonly class SpoolPictures
{
    public function __construct(private Answers $answers, private EventLog $log, private Lines $lines) {}

    /** @return array<array-key, mixed> shape, layers, how full, and the problem where it cannot be drawn */
    public function of(Spool $spool, ReelKind $reel): array
    {
        $pieces = $this->lying($spool);

        return $this->answers->remembered($this->question($spool, $reel, $pieces), function () use ($spool, $reel, $pieces): array {
            try {
                return PictureJson::write($spool->spool($reel), $this->layers($pieces)) + ['problem' => null];
            } catch (DomainFault $fault) {
                return ['shape' => null, 'layers' => [], 'filled_fraction' => null, 'problem' => $fault->getMessage()];
            }
        });
    }

    /**
     * Reads at once what the spools of many reels are drawn from.
     *
     * @param Collection<int, Reel> $reels with their spools
     */
    public function readAhead(Collection $reels): void
    {
        $questions = [];
        foreach ($reels as $reel) {
            foreach ($reel->spools as $spool) {
                $questions[] = $this->question($spool, $reel->kind, $this->lying($spool));
            }
        }
        $this->answers->readAhead($questions);
    }

    /** @return list<Piece> from the arbor out */
    private function lying(Spool $spool): array
    {
        return $this->log->ledger()->at(Place::of(PlaceKind::Spool, $spool->id));
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return list<string|int|null>
     */
    private function question(Spool $spool, ReelKind $reel, array $pieces): array
    {
        $question = ['picture', $reel->value, $spool->fingerprint()];
        foreach ($pieces as $piece) {
            array_push($question, $this->lines->fingerprint($piece->product), (string) $piece->length->inMetres());
        }

        return $question;
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return list<Layer>
     */
    private function layers(array $pieces): array
    {
        $last = array_key_last($pieces);

        return array_map(
            fn(Piece $piece, int $place): Layer => Layer::of(
                $place === $last ? Role::Main : Role::Backing,
                $this->lines->line($piece->product),
                $piece->length,
            ),
            $pieces,
            array_keys($pieces),
        );
    }
}
