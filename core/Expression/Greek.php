<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Greek letters and what LaTeX calls them. */
final class Greek
{
    /** The command for each letter, with the blank that ends it; capitals that look Latin have none. */
    public const COMMANDS = [
        'α' => '\alpha ', 'β' => '\beta ', 'γ' => '\gamma ', 'δ' => '\delta ', 'ε' => '\varepsilon ',
        'ζ' => '\zeta ', 'η' => '\eta ', 'θ' => '\theta ', 'ι' => '\iota ', 'κ' => '\kappa ',
        'λ' => '\lambda ', 'μ' => '\mu ', 'ν' => '\nu ', 'ξ' => '\xi ', 'ο' => 'o', 'π' => '\pi ',
        'ρ' => '\rho ', 'ς' => '\varsigma ', 'σ' => '\sigma ', 'τ' => '\tau ', 'υ' => '\upsilon ',
        'φ' => '\varphi ', 'χ' => '\chi ', 'ψ' => '\psi ', 'ω' => '\omega ',
        'Α' => 'A', 'Β' => 'B', 'Γ' => '\Gamma ', 'Δ' => '\Delta ', 'Ε' => 'E', 'Ζ' => 'Z', 'Η' => 'H',
        'Θ' => '\Theta ', 'Ι' => 'I', 'Κ' => 'K', 'Λ' => '\Lambda ', 'Μ' => 'M', 'Ν' => 'N', 'Ξ' => '\Xi ',
        'Ο' => 'O', 'Π' => '\Pi ', 'Ρ' => 'P', 'Σ' => '\Sigma ', 'Τ' => 'T', 'Υ' => '\Upsilon ',
        'Φ' => '\Phi ', 'Χ' => 'X', 'Ψ' => '\Psi ', 'Ω' => '\Omega ',
    ];

    private const VARIANTS = ['epsilon' => 'ε', 'phi' => 'φ', 'vartheta' => 'θ', 'varrho' => 'ρ', 'varpi' => 'π'];

    /** The letter a command without its backslash stands for; null for any other command. */
    public static function called(string $name): ?string
    {
        $letter = array_search("\\$name ", self::COMMANDS, true);

        return $letter === false ? self::VARIANTS[$name] ?? null : $letter;
    }
}
