<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Angler;
use Illuminate\Validation\Rule;

/** Something that is said of an angler, who must be there. */
final class ByAnglerRequest extends ShapeRequest
{
    public function rules(): array
    {
        return ['angler' => ['nullable', Rule::exists(Angler::class, 'id')]];
    }
}
