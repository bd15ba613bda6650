<?php

declare(strict_types=1);

namespace Tests\Feature;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** The keys of words that code and views name, read by parsing them; what is pieced together becomes a pattern. */
final readonly class SpokenKeys
{
    /** A key may also be the beginning of longer ones. */
    private const END = '(\.|$)';
    /** Names of views and files, which look like keys. */
    private const VIEWS = ['style\.page(\.|$)', 'style\.\*(\.|$)', 'speech\.txt(\.|$)'];

    /**
     * Where each regular expression stands, and what each message is given.
     *
     * @param array<string, string>                                                          $patterns
     * @param list<array{where: string, keys: list<string>, given: list<string>, all: bool}> $messages
     */
    private function __construct(public array $patterns, public array $messages) {}

    /** @param list<string> $rooms the names of the language files */
    public static function read(string $root, array $rooms): self
    {
        $first = implode('|', array_map(static fn(string $room): string => preg_quote(
            preg_quote($room, '/'),
            '/',
        ), $rooms));
        $plain = implode('|', $rooms);
        $patterns = [];
        $messages = [];
        $parser = (new ParserFactory())->createForHostVersion();
        foreach (self::files($root, ['core', 'app'], '.php') as $file) {
            $tree = $parser->parse((string) file_get_contents($file)) ?? [];
            $finder = new NodeFinder();
            foreach ($finder->find($tree, static fn(Node $node): bool =>
                $node instanceof Node\Scalar || $node instanceof Node\Expr\BinaryOp\Concat) as $node) {
                $pattern = $node instanceof Node\Expr ? self::pattern($node) : null;
                $known = $pattern !== null && preg_match(
                    "/^($first|\\.\\+(?=\\\\\\.[a-z-]+\\\\\\.))\\\\\\./",
                    $pattern,
                ) === 1;
                if ($known && !\in_array($pattern, self::VIEWS, true)) {
                    $patterns["/^$pattern/"] = "$file:{$node->getStartLine()}";
                }
            }
            foreach ($finder->findInstanceOf($tree, Node\Expr\StaticCall::class) as $call) {
                $message = self::message($call, $file);
                if ($message !== null) {
                    $messages[] = $message;
                }
            }
        }
        foreach (self::files($root, ['resources/views'], '.blade.php') as $file) {
            $view = (string) preg_replace('/\{\$.*?\}|\$[\w>-]+/', '#', (string) file_get_contents($file));
            preg_match_all("/(['\"])((?:$plain)\\.[\\w.#-]*)\\1/", $view, $found);
            foreach ($found[2] as $key) {
                $patterns['/^' . str_replace('\#', '.+', preg_quote($key, '/')) . '/'] = $file;
            }
        }

        return new self($patterns, $messages);
    }

    /** @return array{where: string, keys: list<string>, given: list<string>, all: bool}|null */
    private static function message(Node\Expr\StaticCall $call, string $file): ?array
    {
        $isMessage = $call->class instanceof Node\Name && $call->class->getLast() === 'Message'
            && $call->name instanceof Node\Identifier && $call->name->toString() === 'of';
        $arguments = $call->getArgs();
        if (!$isMessage || $arguments === []) {
            return null;
        }
        $given = [];
        $all = true;
        $parameters = $arguments[1]->value ?? null;
        foreach ($parameters instanceof Node\Expr\Array_ ? $parameters->items : [] as $item) {
            if ($item->key instanceof Node\Scalar\String_) {
                $given[] = $item->key->value;
            } else {
                $all = false;
            }
        }
        $all = $all && ($parameters === null || $parameters instanceof Node\Expr\Array_);

        return [
            'where' => "$file:{$call->getStartLine()}",
            'keys' => self::patterns($arguments[0]->value),
            'given' => $given,
            'all' => $all,
        ];
    }

    /** @return list<string> the patterns an expression may come to; none where it cannot be seen */
    private static function patterns(Node\Expr $expression): array
    {
        if ($expression instanceof Node\Expr\Ternary) {
            return [
                ...($expression->if === null ? [] : self::patterns($expression->if)),
                ...self::patterns($expression->else),
            ];
        }
        if ($expression instanceof Node\Expr\Match_) {
            return array_merge(
                ...array_map(static fn(Node\MatchArm $arm): array => self::patterns($arm->body), $expression->arms),
            );
        }
        $pattern = self::pattern($expression);

        return $pattern === '.+' ? [] : [$pattern];
    }

    private static function pattern(Node $node): string
    {
        return match (true) {
            $node instanceof Node\Scalar\String_ => preg_quote($node->value, '/')
                . (preg_match('/[.-]$/', $node->value) === 1 ? '' : self::END),
            $node instanceof Node\Scalar\InterpolatedString => implode('', array_map(
                static fn(Node $part): string =>
                    $part instanceof Node\InterpolatedStringPart ? preg_quote($part->value, '/') : '.+',
                $node->parts,
            )) . self::END,
            $node instanceof Node\Expr\BinaryOp\Concat => str_replace(
                self::END,
                '',
                self::pattern($node->left),
            ) . self::pattern($node->right),
            default => '.+',
        };
    }

    /**
     * @param list<string> $folders
     *
     * @return iterable<string>
     */
    private static function files(string $root, array $folders, string $ending): iterable
    {
        foreach ($folders as $folder) {
            foreach (new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS),
            ) as $file) {
                \assert($file instanceof \SplFileInfo);
                if (str_ends_with($file->getFilename(), $ending)) {
                    yield $file->getPathname();
                }
            }
        }
    }
}
