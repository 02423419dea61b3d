<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class RodRequest extends ShapeRequest
{
    public function rules(): array
    {
        return [
            'name' => [$this->neededWhenNew(), 'string', 'min:1', 'max:80'],
            'length' => self::TYPED,
            'line_min' => self::TYPED,
            'line_max' => self::TYPED,
            'braid_range' => self::TYPED,
            'max_drag' => self::TYPED,
            'archived' => ['boolean'],
            'version' => self::VERSION,
        ];
    }
}
