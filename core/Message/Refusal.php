<?php

declare(strict_types=1);

namespace Runel\Message;

/**
 * Runel says no, and says why. Never an accident: every refusal has a code that
 * belongs to the contract, a message with the cure and, where there is one, a place.
 */
abstract class Refusal extends \RuntimeException
{
    /** @param int|null $at the place in the input, as a character number from 1 */
    final public function __construct(public readonly Message $reason, public readonly ?int $at = null)
    {
        parent::__construct($reason->key);
    }

    /** The refusal's code in the contract of the command line and the web API. */
    abstract public function code(): string;
}
