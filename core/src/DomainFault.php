<?php

declare(strict_types=1);

namespace Undro;

/**
 * A figure that makes no sense for the job. Every subject has its own subclass whose named
 * constructors say which figure is wrong and what would be right.
 */
abstract class DomainFault extends \DomainException
{
    /**
     * @param string $field   the figure at fault, as the caller named it (dotted path, e.g. "spool.lip_diameter_mm")
     * @param string $message a sentence for the angler
     */
    final public function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    /** The same fault, with the field placed under the given path. */
    final public function under(string $path): static
    {
        return $path === '' ? $this : new static($this->field === '' ? $path : "$path.$this->field", $this->getMessage());
    }
}
