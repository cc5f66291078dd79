<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Name;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use ReflectionFunction;

/** The core runs without the framework, a clock, chance, the environment or files (but for its own data). */
final class CoreIsPureTest extends TestCase
{
    private const AMBIENT = [
        'time',
        'microtime',
        'hrtime',
        'date',
        'mktime',
        'strtotime',
        'rand',
        'mt_rand',
        'random_int',
        'random_bytes',
        'getenv',
        'putenv',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'glob',
        'curl_init',
        'error_log',
        'usleep',
        'sleep',
    ];

    private const READS_DATA = 'Data/DataFolder.php';

    /** Money is worked out by a library, wherever there is some. */
    private const EXACT_SUMS = 'Brick\\Math\\';

    private const CHECKS_SCHEMAS = 'Contract/CutCheck.php';

    public function test_the_core_names_only_itself_and_php(): void
    {
        $offending = [];
        foreach ($this->files() as $file => $tree) {
            foreach ((new NodeFinder())->findInstanceOf($tree, Name\FullyQualified::class) as $name) {
                $class = $name->toString();
                if (
                    str_contains($class, '\\') &&
                    ! str_starts_with($class, 'Nessmark\\') &&
                    ! str_starts_with($class, self::EXACT_SUMS) &&
                    ! ($file === self::CHECKS_SCHEMAS && str_starts_with($class, 'Opis\\JsonSchema\\'))
                ) {
                    $offending[] = "{$file}: {$class}";
                }
            }
        }

        self::assertSame([], $offending);
    }

    public function test_the_core_calls_no_helper_clock_chance_or_file(): void
    {
        $offending = [];
        foreach ($this->files() as $file => $tree) {
            $calls = (new NodeFinder())->find(
                $tree,
                static fn (Node $node): bool => ($node instanceof FuncCall && $node->name instanceof Name) ||
                    ($node instanceof New_ &&
                        $node->class instanceof Name &&
                        $node->class->getLast() === 'DateTimeImmutable' &&
                        $node->args === []),
            );
            foreach ($calls as $call) {
                if ($call instanceof New_) {
                    $offending[] = "{$file}: new DateTimeImmutable() without a time";

                    continue;
                }
                assert($call instanceof FuncCall && $call->name instanceof Name);
                $name = strtolower($call->name->getLast());
                if (
                    ! function_exists($name) ||
                    ! (new ReflectionFunction($name))->isInternal() ||
                    (in_array($name, self::AMBIENT, true) && $file !== self::READS_DATA)
                ) {
                    $offending[] = "{$file}: {$name}() on line {$call->getStartLine()}";
                }
            }
        }

        self::assertSame([], $offending);
    }

    public function test_every_folder_has_its_layer(): void
    {
        $folders = array_map(basename(...), glob(dirname(__DIR__, 2).'/core/src/*', GLOB_ONLYDIR) ?: []);

        self::assertEqualsCanonicalizing(array_merge(...LayerRules::LAYERS), $folders);
    }

    /** @return iterable<string, array<Node>> parsed files of the core, names resolved */
    private function files(): iterable
    {
        $root = dirname(__DIR__, 2).'/core/src/';
        $parser = (new ParserFactory())->createForHostVersion();
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $resolver = new NodeTraverser(new NameResolver());
            yield substr($file->getPathname(), strlen($root)) => $resolver->traverse(
                $parser->parse((string) file_get_contents($file->getPathname())) ?? [],
            );
        }
    }
}
