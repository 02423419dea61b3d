<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\TypedFigures;
use Illuminate\Foundation\Http\FormRequest;
use Undro\Contract\Input;

/** The shape of what is sent: types and lengths. What the figures mean is for the core. */
abstract class ShapeRequest extends FormRequest
{
    /** Text as typed for one figure. */
    /** How a measured figure was got. */
    protected const WORKINGS = ['nullable', 'string', 'max:200'];
    protected const VERSION = ['nullable', 'integer', 'min:1'];
    protected const TYPED = ['nullable', 'string', 'max:60'];

    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    /** What was sent, for the core to read. */
    public function figures(): Input
    {
        return Input::of($this->all());
    }

    public function typedFigures(): TypedFigures
    {
        return new TypedFigures($this->all());
    }

    /** The version the sender saw; null: they did not say. */
    public function seen(): ?int
    {
        return $this->filled('version') ? $this->integer('version') : null;
    }

    /** Needed when something is made, optional when it is changed. */
    protected function neededWhenNew(): string
    {
        return $this->isMethod('POST') ? 'required' : 'sometimes';
    }
}
