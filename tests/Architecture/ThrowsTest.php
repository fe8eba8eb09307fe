<?php

declare(strict_types=1);

use PhpParser\Node;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Expr\Throw_;
use PhpParser\Node\Name;
use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\Node\Stmt\TryCatch;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/*
 * A public method that throws says so: `@throws`, with the class and when. What a method throws and catches itself is
 * its own affair; what a private method throws belongs to the public ones that call it, or to its own docblock.
 */

/** @return list<string> classes, by their short names, that leave a method by a throw of its own */
function thrown(Node $in): array
{
    $finder = new NodeFinder();
    $caught = [];
    foreach ($finder->findInstanceOf($in, TryCatch::class) as $try) {
        foreach ($finder->findInstanceOf($try->stmts, Throw_::class) as $throw) {
            $caught[spl_object_id($throw)] = true;
        }
    }
    $classes = [];
    foreach ($finder->findInstanceOf($in, Throw_::class) as $throw) {
        $class = $throw->expr instanceof New_ ? $throw->expr->class : null;
        if ($class instanceof Name && ! isset($caught[spl_object_id($throw)])) {
            $classes[] = $class->getLast();
        }
    }

    return array_values(array_unique($classes));
}

/** @return list<string> what is thrown and not said, by file, method and class */
function unsaid(string $path, string $code): array
{
    $unsaid = [];
    $nodes = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
    foreach ((new NodeFinder())->findInstanceOf($nodes, ClassMethod::class) as $method) {
        if (! $method->isPublic()) {
            continue;
        }
        $says = $method->getDocComment()?->getText() ?? '';
        foreach (thrown($method) as $class) {
            if (preg_match("/@throws [\\w|\\\\ ]*\\b{$class}\\b/", $says) !== 1) {
                $unsaid[] = "{$path}::{$method->name} {$class}";
            }
        }
    }

    return $unsaid;
}

it('says of every public method of core and app what it throws', function (): void {
    $root = dirname(__DIR__, 2);
    $unsaid = [];
    $found = trim((string) shell_exec("cd {$root} && find app core/src -name '*.php'"));
    foreach (explode("\n", $found) as $path) {
        $unsaid = [...$unsaid, ...unsaid($path, (string) file_get_contents("{$root}/{$path}"))];
    }
    expect($unsaid)->toBe([]);
});

it('notices a throw that no docblock names', function (string $docblock, string $body, array $found): void {
    $code = "<?php\nfinal class Any {\n{$docblock}\npublic function reads(): void\n{\n{$body}\n}\n}\n";
    expect(unsaid('app/Any.php', $code))->toBe($found);
})->with([
    'not said' => ['', 'throw new LogicException();', ['app/Any.php::reads LogicException']],
    'another said' => ['/** @throws A */', 'throw new B();', ['app/Any.php::reads B']],
    'said' => ['/** @throws LogicException when it is not one */', 'throw new LogicException();', []],
    'one of two' => ['/** @throws A|B either way */', 'throw new B();', []],
    'in an expression' => ['', '$a = $b ?? throw new \A\B();', ['app/Any.php::reads B']],
    'caught' => ['', 'try { throw new A(); } catch (A) { }', []],
]);
