<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Reel;
use App\Models\Spool;
use Illuminate\Validation\Rule;
use Undro\Line\Material;
use Undro\Plan\MeasuredWith;
use Undro\Spool\Lay;
use Undro\Spool\LipShape;
use Undro\Spool\StampUnits;

final class SpoolRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'name' => [$this->neededWhenNew(), 'string', 'min:1', 'max:80'],
            'reels' => [$this->neededWhenNew(), 'array', 'min:1', 'max:20'],
            'reels.*' => ['integer', Rule::exists(Reel::class, 'id')],
            'archived' => ['boolean'],
            'version' => self::VERSION,
        ] + self::figureRules();
    }

    /** @return array<string, list<mixed>> the shape of a spool's own figures */
    public static function figureRules(): array
    {
        $rules = [
            'lip' => [Rule::enum(LipShape::class)],
            'lay' => [Rule::enum(Lay::class)],
            'stamp' => ['nullable', 'string', 'max:200'],
            'stamp_units' => ['nullable', Rule::enum(StampUnits::class)],
            'stamp_material' => [Rule::enum(Material::class)],
            'measured_with' => [Rule::enum(MeasuredWith::class)],
            'grips' => ['boolean'],
            'workings' => self::WORKINGS,
            'measures' => ['array'],
        ];
        foreach (Spool::QUANTITIES as $quantity) {
            $rules["measures.$quantity"] = self::TYPED;
        }

        return $rules;
    }
}
