<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Undro\Contract\Input;

/** The shape of what is sent: types and lengths. What the figures mean is for the core. */
abstract class ShapeRequest extends FormRequest
{
    /** Text as typed for one figure. */
    protected const TYPED = ['nullable', 'string', 'max:60'];

    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    /** What was sent, for the core to read. */
    public function figures(): Input
    {
        return Input::of($this->all());
    }

    /** Text that was sent, or what there was before; an emptied field is empty. */
    public function typed(string $key, string $before = ''): string
    {
        return $this->exists($key) ? trim($this->string($key)->value()) : $before;
    }

    /** Needed when something is made, optional when it is changed. */
    protected function neededWhenNew(): string
    {
        return $this->isMethod('POST') ? 'required' : 'sometimes';
    }
}
