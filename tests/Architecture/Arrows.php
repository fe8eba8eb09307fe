<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitorAbstract;
use PhpParser\Parser;
use PhpParser\ParserFactory;

/** Reads who knows whom out of source files and holds it against the rows of arrows.php. */
final class Arrows
{
    /** What the core must not call: a clock, chance, output or a file of its own. */
    private const IMPURE = [
        'time', 'microtime', 'hrtime', 'date', 'mktime', 'strtotime', 'rand', 'mt_rand', 'random_int', 'random_bytes',
        'shuffle', 'array_rand', 'uniqid', 'lcg_value',
        'file_get_contents', 'file_put_contents', 'fopen', 'fwrite', 'print_r', 'var_dump', 'dd', 'dump', 'printf',
        'error_log', 'getenv', 'env', 'config', 'app',
    ];

    /** The one class of the core that opens files, its own. */
    private const READS_SHIPPED_DATA = "\nfinal class ShippedData\n";

    private readonly Parser $parser;

    /** @param array<string, list<string>> $rows by room, Core\… for Nagomi\Core\… */
    public function __construct(private readonly array $rows)
    {
        $this->parser = (new ParserFactory())->createForHostVersion();
    }

    /** @return list<string> what is wrong with one file, a sentence each */
    public function wrongIn(string $source): array
    {
        [$namespace, $names, $calls, $newNow] = $this->read($source);
        $room = self::short($namespace);
        $row = $this->rowOf($room);
        if ($row === null) {
            return ["{$room} has no row in arrows.php."];
        }
        $wrong = [];
        foreach ($names as $name) {
            $wrong = [...$wrong, ...$this->wrongArrow($row, self::short($name))];
        }
        if (str_starts_with($row, 'Core\\')) {
            foreach (
                str_contains($source, self::READS_SHIPPED_DATA) ? [] : array_intersect($calls, self::IMPURE) as $call
            ) {
                $wrong[] = "{$row} calls {$call}().";
            }
            if ($newNow) {
                $wrong[] = "{$row} reads the clock: a date without a moment.";
            }
        }

        return array_values(array_unique($wrong));
    }

    /** @return list<string> classes named in a template that are no page's */
    public static function namedInBlade(string $template): array
    {
        preg_match_all(
            '/(?<![\w.\/-])\\\\?((?:App|Nagomi|Carbon|Illuminate|Database)(?:\\\\\w+)+)/',
            $template,
            $found,
        );
        // Short facades are classes as well.
        preg_match_all(
            '/(?<![\w$>\\\\:])(Str|Arr|DB|Auth|Route|Cache|Carbon|CarbonImmutable|Collection)::/',
            $template,
            $facades,
        );

        return array_values(array_unique(array_filter(
            [...$found[1], ...$facades[1]],
            static fn (string $name): bool => ! str_starts_with($name, 'App\\Pages\\'),
        )));
    }

    /** @return list<string> */
    private function wrongArrow(string $row, string $name): array
    {
        if (! str_starts_with($name, 'App\\') && ! str_starts_with($name, 'Core\\')) {
            return str_starts_with($row, 'Core\\') && str_contains($name, '\\') && ! self::isOfPhp($name)
                ? ["{$row} knows {$name}, which is not of the core."]
                : [];
        }
        if ($this->rowOf($name) === $row) {
            return [];
        }
        foreach ($this->rows[$row] as $allowed) {
            if ($name === $allowed || str_starts_with($name, $allowed . '\\')) {
                return [];
            }
        }

        return ["{$row} knows {$name}."];
    }

    /** The longest row that a name lies in. */
    private function rowOf(string $name): ?string
    {
        $of = null;
        foreach (array_keys($this->rows) as $row) {
            if (($name === $row || str_starts_with($name, $row . '\\')) && strlen($row) > strlen($of ?? '')) {
                $of = $row;
            }
        }

        return $of;
    }

    private static function isOfPhp(string $name): bool
    {
        return (class_exists($name) || interface_exists($name)) && (new \ReflectionClass($name))->isInternal();
    }

    private static function short(string $name): string
    {
        return str_starts_with($name, 'Nagomi\\Core\\') ? substr($name, strlen('Nagomi\\')) : $name;
    }

    /**
     * @return array{
     *     string, list<string>, list<string>, bool,
     * } the namespace, every class named, every function called, whether a date is made without a moment
     */
    private function read(string $source): array
    {
        $visitor = new class () extends NodeVisitorAbstract {
            public string $namespace = '';

            /** @var list<string> */
            public array $names = [];

            /** @var list<string> */
            public array $calls = [];

            public bool $newNow = false;

            public function enterNode(Node $node): null
            {
                match (true) {
                    $node instanceof Node\Stmt\Namespace_ => $this->namespace = (string) $node->name,
                    $node instanceof Node\UseItem => $this->names[] = (string) $node->name,
                    $node instanceof Node\Expr\FuncCall && $node->name instanceof Node\Name
                        => $this->calls[] = strtolower($node->name->getLast()),
                    $node instanceof Node\Name\FullyQualified => $this->names[] = (string) $node,
                    default => null,
                };
                if (
                    $node instanceof Node\Expr\New_
                        && $node->class instanceof Node\Name
                        && is_a((string) $node->class, \DateTimeInterface::class, true)
                ) {
                    $moment = $node->args[0] ?? null;
                    $this->newNow = $this->newNow
                        || ! $moment instanceof Node\Arg
                        || $moment->value instanceof Node\Scalar\String_
                            && in_array($moment->value->value, ['', 'now', 'today'], true);
                }

                return null;
            }
        };
        // Names are resolved first, or a class of a function would be seen by its short name only.
        $statements = (new NodeTraverser(new NameResolver()))->traverse($this->parser->parse($source) ?? []);
        (new NodeTraverser($visitor))->traverse($statements);
        $functions = array_map(strtolower(...), $visitor->calls);

        return [
            $visitor->namespace,
            array_values(array_filter(
                $visitor->names,
                static fn (string $name): bool => ! in_array(strtolower($name), $functions, true),
            )),
            $functions,
            $visitor->newNow,
        ];
    }
}
