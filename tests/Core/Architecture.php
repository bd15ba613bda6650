<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** What the files of a folder use, read by parsing them: imports, aliases and full names alike. */
final class Architecture
{
    /** @var array<string, array<string, list<string>>> by root: what has been read once */
    private static array $read = [];

    /** @return array<string, list<string>> the names used, by file below the root */
    public static function names(string $root): array
    {
        return self::$read[$root] ??= self::read($root);
    }

    /** @return array<string, list<string>> */
    private static function read(string $root): array
    {
        $parser = (new ParserFactory())->createForHostVersion();
        $names = [];
        foreach (new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            \assert($file instanceof \SplFileInfo);
            $found = new class extends NodeVisitorAbstract {
                /** @var array<string, true> */
                public array $names = [];

                public function enterNode(Node $node): ?int
                {
                    if ($node instanceof Node\Name && !$node instanceof Node\Name\Relative) {
                        $this->names[$node->toString()] = true;
                    }
                    if ($node instanceof Node\Expr\FuncCall && $node->name instanceof Node\Name) {
                        $this->names['function ' . $node->name->getLast()] = true;
                    }
                    if (
                        $node instanceof Node\Stmt\Global_
                        || $node instanceof Node\Stmt\Echo_
                        || $node instanceof Node\Expr\Print_
                        || $node instanceof Node\Expr\Exit_
                    ) {
                        $this->names['statement ' . $node->getType()] = true;
                    }
                    if ($node instanceof Node\Stmt\Static_) {
                        $this->names['statement static variable'] = true;
                    }
                    if ($node instanceof Node\Stmt\Property && $node->isStatic()) {
                        $this->names['statement static property'] = true;
                    }
                    if ($node instanceof Node\Expr\Variable && \is_string($node->name) && preg_match(
                        '/^(_(GET|POST|SERVER|ENV|COOKIE|FILES|REQUEST|SESSION)|GLOBALS)$/',
                        $node->name,
                    ) === 1) {
                        $this->names["variable $node->name"] = true;
                    }

                    return null;
                }
            };
            $traverser = new NodeTraverser(new NameResolver(), $found);
            $traverser->traverse($parser->parse((string) file_get_contents($file->getPathname())) ?? []);
            $names[substr(
                $file->getPathname(),
                \strlen($root) + 1,
            )] = array_map(strval(...), array_keys($found->names));
        }
        ksort($names);

        return $names;
    }

    /**
     * Which rooms each room uses.
     *
     * @param array<string, list<string>> $names  by file below the root
     * @param string                      $prefix the root's namespace
     *
     * @return array<string, array<string, string>> by room: the rooms used, each with a file that uses it
     */
    public static function arrows(array $names, string $prefix): array
    {
        $arrows = [];
        foreach ($names as $file => $used) {
            $room = explode('/', $file)[0];
            $arrows[$room] ??= [];
            foreach ($used as $name) {
                $parts = explode('\\', $name);
                if ($parts[0] === $prefix && isset($parts[2]) && $parts[1] !== $room) {
                    $arrows[$room][$parts[1]] ??= $file;
                }
            }
        }

        return $arrows;
    }

    /**
     * Which folders each folder uses, those it lies in and those it holds left out.
     *
     * @param array<string, list<string>> $names  by file below the root
     * @param string                      $prefix the root's namespace
     *
     * @return array<string, array<string, string>> by folder: the folders used, each with a file that uses it
     */
    public static function inner(array $names, string $prefix): array
    {
        $arrows = [];
        foreach ($names as $file => $used) {
            $room = \dirname($file);
            $arrows[$room] ??= [];
            foreach ($used as $name) {
                $other = \dirname(str_replace('\\', '/', substr($name, \strlen($prefix) + 1)));
                $isOutside = !str_starts_with($name, "$prefix\\") || $other === '.';
                if (!$isOutside && !str_starts_with("$other/", "$room/") && !str_starts_with("$room/", "$other/")) {
                    $arrows[$room][$other] ??= $file;
                }
            }
        }

        return $arrows;
    }

    /**
     * A way round from a room to itself, or null where there is none.
     *
     * @param array<string, array<string, string>> $arrows
     */
    public static function circle(array $arrows): ?string
    {
        $state = [];
        $visit = static function (string $room, array $path) use (&$visit, &$state, $arrows): ?string {
            if (($state[$room] ?? '') === 'open') {
                return implode(' → ', [...\array_slice($path, (int) array_search($room, $path, true)), $room]);
            }
            if (isset($state[$room])) {
                return null;
            }
            $state[$room] = 'open';
            foreach (array_keys($arrows[$room] ?? []) as $next) {
                $circle = $visit($next, [...$path, $room]);
                if ($circle !== null) {
                    return $circle;
                }
            }
            $state[$room] = 'done';

            return null;
        };
        foreach (array_keys($arrows) as $room) {
            $circle = $visit($room, []);
            if ($circle !== null) {
                return $circle;
            }
        }

        return null;
    }
}
