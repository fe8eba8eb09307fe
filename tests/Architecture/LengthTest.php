<?php

declare(strict_types=1);

use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\Node\Stmt\Function_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/*
 * A function is read at one look: 40 lines at most between its braces.
 */

const MOST_LINES = 40;

/** @return array<string, int> lines of each function that is too long, by file and name */
function tooLong(string $path, string $code): array
{
    $long = [];
    $nodes = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
    $is = static fn (object $node): bool => $node instanceof ClassMethod || $node instanceof Function_;
    foreach ((new NodeFinder())->find($nodes, $is) as $function) {
        assert($function instanceof ClassMethod || $function instanceof Function_);
        $first = $function->stmts[0] ?? null;
        $lines = $first === null ? 0 : $function->getEndLine() - $first->getStartLine();
        $name = "{$path}::{$function->name}";
        if ($lines > MOST_LINES) {
            $long[$name] = $lines;
        }
    }

    return $long;
}

it('keeps every function of core and app within 40 lines', function (): void {
    $root = dirname(__DIR__, 2);
    $long = [];
    $found = trim((string) shell_exec("cd {$root} && find app core/src -name '*.php'"));
    foreach (explode("\n", $found) as $path) {
        $long += tooLong($path, (string) file_get_contents("{$root}/{$path}"));
    }
    expect($long)->toBe([]);
});

it('notices a function of 41 lines, and lets one of 40 pass', function (int $lines, array $found): void {
    $code = "<?php\nfunction reads(): void\n{\n" . str_repeat("    look();\n", $lines) . "}\n";
    expect(tooLong('app/Any.php', $code))->toBe($found);
})->with([[40, []], [41, ['app/Any.php::reads' => 41]]]);
