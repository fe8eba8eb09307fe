<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * A model's traits begin by their methods' names, bootX and initializeX, found by asking for these alone: the framework
 * looks at each of a model's several hundred methods, in each request anew, for an attribute that no model here bears.
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $class = static::class;
        $initializers = [];
        foreach (class_uses_recursive($class) as $trait) {
            $name = class_basename($trait);
            if (method_exists($class, "boot{$name}")) {
                $class::{"boot{$name}"}();
            }
            if (method_exists($class, "initialize{$name}")) {
                $initializers["initialize{$name}"] = "initialize{$name}";
            }
        }
        static::$traitInitializers[$class] = array_values($initializers);
    }
}
