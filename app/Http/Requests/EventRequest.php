<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock;
use App\Models\Angler;
use App\Models\LineProduct;
use Illuminate\Validation\Rule;
use Undro\Ledger\EventKind;

final class EventRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'angler' => ['nullable', Rule::exists(Angler::class, 'id')],
            'corrects' => ['nullable', 'required_if:kind,voided'],
            'moves.*.line' => [Rule::exists(LineProduct::class, 'id')],
            'counts.*.line' => [Rule::exists(LineProduct::class, 'id')],
        ];
    }

    /** Of line found on a spool a year or a month is enough; nobody knows the day. */
    public function happenedAt(): ?string
    {
        return $this->filled('happened_at') && $this->input('kind') === EventKind::FoundOnSpool->value
            ? Clock::readApproximate($this->figures(), 'happened_at')->iso()
            : parent::happenedAt();
    }
}
