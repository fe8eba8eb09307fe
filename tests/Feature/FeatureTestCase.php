<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

abstract class FeatureTestCase extends TestCase
{
}
