<?php

declare(strict_types=1);

namespace Runel\Working\Roots;

use Runel\Algebra\SyntheticDivision;
use Runel\Demonstration\Figure\RootTrial;
use Runel\Demonstration\Figure\RootVerdict;
use Runel\Expression\Numeral;
use Runel\Number\Rational;

/** A candidate that has come to its turn. */
final readonly class TriedRoot
{
    /**
     * @param SyntheticDivision|null $row    the division by it, where it was not passed over
     * @param bool                   $bounds whether that division shows that nothing beyond it can be a root
     */
    public function __construct(
        public Rational $value,
        public RootVerdict $verdict,
        public ?SyntheticDivision $row = null,
        public bool $bounds = false,
    ) {}

    /** As it stands in the figure: with what was left over, where it fails. */
    public function trial(): RootTrial
    {
        return new RootTrial(
            Numeral::of($this->value),
            $this->verdict,
            $this->verdict === RootVerdict::Fails ? $this->row?->remainder()->toExpression() : null,
        );
    }
}
