<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Angler;
use Illuminate\Validation\Rule;
use Undro\Spool\ReelKind;

final class ReelRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'name' => [$this->neededWhenNew(), 'string', 'min:1', 'max:80'],
            'kind' => [$this->neededWhenNew(), Rule::enum(ReelKind::class)],
            'gear_ratio' => self::TYPED,
            'max_drag' => self::TYPED,
            'mono_range' => self::TYPED,
            'braid_range' => self::TYPED,
            'angler' => ['nullable', 'integer', Rule::exists(Angler::class, 'id')],
            'archived' => ['boolean'],
            'version' => self::VERSION,
            'spool' => ['array'],
        ];
    }
}
