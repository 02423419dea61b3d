<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clock;
use App\Models\TypedFigures;
use App\Schema\Bodies;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\InputBag;
use Undro\Input\Input;

/**
 * What is sent, held against the published contract: types, lengths and choices. Nothing that the contract does not name goes further.
 * What the figures mean is for the core; what only the database knows is in a request's own rules.
 */
class ShapeRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** What was sent, for the core to read. */
    public function figures(): Input
    {
        return Input::of($this->said());
    }

    public function typedFigures(): TypedFigures
    {
        return new TypedFigures($this->said());
    }

    /** @return array<array-key, mixed> what was sent of what the contract names */
    public function said(): array
    {
        return $this->json()->all();
    }

    /** The version the sender saw; null: they did not say. */
    public function seen(): ?int
    {
        return $this->filled('version') ? $this->integer('version') : null;
    }

    /** When it happened, as the log writes it; null: it was not said. @throws \Undro\DomainFault if that can be no date */
    public function happenedAt(): ?string
    {
        return $this->filled('happened_at') ? Clock::read($this->figures(), 'happened_at')->iso() : null;
    }

    protected function prepareForValidation(): void
    {
        $said = $this->said();
        $schema = Bodies::of($this->method(), '/' . $this->path()) ?? Bodies::of(
            $this->method(),
            '/' . ($this->route()?->uri() ?? ''),
        ) ?? throw new \LogicException(
            'The contract has no body for ' . $this->method() . ' ' . $this->path(),
        );
        $misfit = $schema->misfit($said);
        $misfit === null || throw ValidationException::withMessages([$misfit->path => [ucfirst($misfit->why) . '.']]);
        /** @var array<string, mixed> $known of an object */
        $known = $schema->known($said);
        $this->setJson(new InputBag($known));
        // the address has no say in what is written
        $this->query->replace();
    }
}
