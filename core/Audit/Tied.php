<?php

declare(strict_types=1);

namespace Runel\Audit;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Law\Claim\Claim;
use Runel\Notation\Ascii;

/** What the claims of a figure speak of: whatever it shows has to be among it. */
final class Tied
{
    /** Places, counts and groups: these say where something stands, not what it is. */
    private const PLACES = [
        'columns',
        'rows',
        'degree',
        'group',
        'groups',
        'joined',
        'lit',
        'number',
        'passed',
        'places',
    ];
    /** How deep inside a claim a shown expression may lie, and a shown number. */
    private const EXPRESSIONS = 2;
    private const NUMBERS = 3;

    /** @var list<Node> what the claims speak of */
    private array $spoken = [];
    /** @var array<int, Node> by object, which keeps the object alive */
    private array $nodes = [];
    /** @var array<int, int> how deep inside each of them it has been looked, by object */
    private array $depths = [];
    /** @var array<string, true>|null the numbers, as they are written for machines; gathered when first asked for */
    private ?array $numbers = null;

    public function add(Claim $claim): void
    {
        foreach ($claim->nodes() as $node) {
            $this->spoken[] = $node;
            $this->collect($node, self::EXPRESSIONS);
        }
        $this->numbers = null;
    }

    /** Whether a value of a figure's data is tied, and all that it holds. */
    public function holds(string $name, mixed $value): bool
    {
        if ($value instanceof Expression) {
            return isset($this->nodes[spl_object_id($value)])
                || (self::isNumber($value) && isset($this->numbers()[Ascii::write($value)]));
        }
        if (\is_array($value)) {
            foreach ($value as $key => $part) {
                if (!$this->holds(\is_string($key) ? $key : $name, $part)) {
                    return false;
                }
            }

            return true;
        }

        return !\is_int($value) || \in_array($name, self::PLACES, true) || isset($this->numbers()[(string) $value]);
    }

    /**
     * Whether an expression or equation is a part of what some claims speak of.
     *
     * @param list<Claim> $claims
     */
    public static function isPart(Node $expression, array $claims): bool
    {
        foreach ($claims as $claim) {
            foreach ($claim->nodes() as $node) {
                if (self::occurs($expression, $node)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function collect(Node $node, int $depth): void
    {
        $id = spl_object_id($node);
        if (($this->depths[$id] ?? -1) >= $depth) {
            return;
        }
        $this->nodes[$id] = $node;
        $this->depths[$id] = $depth;
        foreach ($depth > 0 ? $node->children() : [] as $child) {
            $this->collect($child, $depth - 1);
        }
    }

    /** @return array<string, true> */
    private function numbers(): array
    {
        if ($this->numbers === null) {
            $numbers = [];
            foreach ($this->spoken as $node) {
                self::gather($node, self::NUMBERS, $numbers);
            }
            $this->numbers = $numbers;
        }

        return $this->numbers;
    }

    /** @param array<string, true> $numbers */
    private static function gather(Node $node, int $depth, array &$numbers): void
    {
        if (self::isNumber($node)) {
            $written = Ascii::write($node);
            $numbers[$written] = true;
            // The magnitude of a negative number is said by it, too.
            $numbers[ltrim($written, '-')] = true;
        } elseif ($depth > 0) {
            foreach ($node->children() as $child) {
                self::gather($child, $depth - 1, $numbers);
            }
        }
    }

    private static function isNumber(Node $node): bool
    {
        return match (true) {
            $node instanceof Numeral => true,
            $node instanceof Negative => self::isNumber($node->operand),
            $node instanceof Quotient => $node->numerator instanceof Numeral && $node->denominator instanceof Numeral,
            default => false,
        };
    }

    private static function occurs(Node $expression, Node $node): bool
    {
        if ($expression === $node) {
            return true;
        }
        foreach ($node->children() as $child) {
            if (self::occurs($expression, $child)) {
                return true;
            }
        }

        return false;
    }
}
