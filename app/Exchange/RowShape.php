<?php

declare(strict_types=1);

namespace App\Exchange;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Holds rows against docs/undro.schema.json and says in words what does not fit. */
final class RowShape
{
    private const ID = 'https://undro.invalid/undro.schema.json';

    private ?Validator $validator = null;

    public static function file(): string
    {
        return base_path('docs/undro.schema.json');
    }

    /**
     * @param array<array-key, mixed> $row
     *
     * @throws BadRow naming the field that does not fit
     */
    public function check(string $kind, array $row): void
    {
        if ($this->validator === null) {
            $this->validator = new Validator();
            $this->validator->resolver()?->registerFile(self::ID, self::file());
        }
        $objects = json_decode(json_encode((object) $row, JSON_THROW_ON_ERROR));
        // a document's empty object and a table's empty list look alike once read
        foreach (['habits', 'draft', 'measures', 'units'] as $map) {
            if (is_object($objects) && ($objects->{$map} ?? null) === []) {
                $objects->{$map} = (object) [];
            }
        }
        if (is_object($objects) && is_object($objects->drag ?? null) && ($objects->drag->chain ?? null) === []) {
            $objects->drag->chain = (object) [];
        }
        $error = $this->validator->validate($objects, self::ID . "#/\$defs/$kind")->error();
        if ($error === null) {
            return;
        }
        while (($inner = $error->subErrors()[0] ?? null) instanceof ValidationError) {
            $error = $inner;
        }
        $path = implode('.', array_map(static fn(mixed $step): string => is_scalar($step) ? (string) $step : '', $error->data()->fullPath()));
        $missing = $error->args()['missing'] ?? null;
        if ($error->keyword() === 'required' && is_array($missing)) {
            throw BadRow::shape(implode(', ', array_filter($missing, is_string(...))), 'is needed');
        }
        if ($error->keyword() === 'enum') {
            $schema = $error->schema()->info()->data();
            $choices = is_object($schema) && isset($schema->enum) && is_array($schema->enum) ? $schema->enum : [];
            throw BadRow::shape($path, 'must be one of ' . implode(', ', array_filter($choices, is_string(...))));
        }
        if ($error->keyword() === 'minLength') {
            throw BadRow::shape($path, 'is needed');
        }
        if ($error->keyword() === 'maxLength') {
            throw BadRow::shape($path, sprintf('may have at most %d characters, not %d', self::figure($error, 'max'), self::figure($error, 'length')));
        }
        if ($error->keyword() === 'type' && ($error->args()['expected'] ?? null) === 'boolean') {
            $typed = $error->data()->value();
            throw BadRow::shape($path, sprintf('must be yes or no, not “%s”', is_scalar($typed) ? mb_substr((string) $typed, 0, 40) : 'a list'));
        }
        throw BadRow::shape($path, lcfirst((new ErrorFormatter())->formatErrorMessage($error)));
    }

    private static function figure(ValidationError $error, string $name): int
    {
        $figure = $error->args()[$name] ?? null;

        return is_int($figure) ? $figure : 0;
    }
}
