<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setRules([
        '@PSR12' => true,
        'declare_strict_types' => true,
        'strict_comparison' => true,
        'array_syntax' => ['syntax' => 'short'],
        'concat_space' => ['spacing' => 'one'],
        'no_unused_imports' => true,
        'ordered_imports' => ['sort_algorithm' => 'alpha'],
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'phpdoc_trim' => true,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
        'single_line_empty_body' => false,
        'not_operator_with_successor_space' => true,
    ])
    ->setFinder(PhpCsFixer\Finder::create()
        ->in([__DIR__ . '/app', __DIR__ . '/core', __DIR__ . '/database', __DIR__ . '/tests', __DIR__ . '/config', __DIR__ . '/routes', __DIR__ . '/lang', __DIR__ . '/bootstrap', __DIR__ . '/compat'])
        ->exclude('cache'));
