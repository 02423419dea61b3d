<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Undro\Line\Material;
use Undro\Plan\SizeFrom;

final class LineRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'name' => [$this->neededWhenNew(), 'string', 'min:1', 'max:80'],
            'material' => [$this->neededWhenNew(), Rule::enum(Material::class)],
            'size' => [$this->neededWhenNew(), 'string', 'max:40'],
            'size_from' => [Rule::enum(SizeFrom::class)],
            'workings' => self::WORKINGS,
            'strength' => self::TYPED,
            'colour' => ['nullable', 'string', 'max:40'],
            'archived' => ['boolean'],
            'version' => self::VERSION,
        ];
    }
}
