<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataFile;
use App\Devices\CookieKey;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;
use ReflectionClass;

/**
 * What is the same for every request is done once, before the first: configuration and routes are read (to where
 * APP_CONFIG_CACHE and APP_ROUTES_CACHE say), and the classes that answers are made of are listed for PHP to hold in memory
 * (opcache.preload).
 */
final class WarmCommand extends Command
{
    protected $signature = 'admek:warm {preload : PHP file to write that loads the classes}';

    protected $description = 'Make ready to serve: called by the launcher';

    public function handle(Kernel $http, DataFile $data): int
    {
        CookieKey::ensure($data->path);
        $this->callSilent('config:cache');
        $this->callSilent('route:cache');
        // On a disk that is full later the page is there.
        $this->callSilent('view:cache');
        // One that is answered and one that is refused: with them the framework shows what it needs.
        foreach (['/api/boat', '/api/trips'] as $path) {
            $http->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json']));
        }
        $files = var_export($this->files(), true);
        file_put_contents(
            (string) $this->argument('preload'), "<?php\nforeach ({$files} as \$file) {\n    opcache_compile_file(\$file);\n}\n",
        );

        return self::SUCCESS;
    }

    /** @return list<string> files of one class each, all of whose parents are among them */
    private function files(): array
    {
        foreach (['core' => 'Admek\\Core', 'app' => 'App'] as $folder => $namespace) {
            foreach (File::allFiles(base_path($folder)) as $file) {
                class_exists($namespace.'\\'.str_replace('/', '\\', substr($file->getRelativePathname(), 0, -4)));
            }
        }
        $files = [];
        foreach ([...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()] as $class) {
            $declared = new ReflectionClass($class);
            $file = (string) $declared->getFileName();
            $parents = [get_parent_class($class) ?: null, ...$declared->getInterfaceNames(), ...$declared->getTraitNames()];
            $own = array_filter($parents, static fn (?string $parent): bool => $parent !== null && self::isWritten($parent));
            if (basename($file) === $declared->getShortName().'.php' && array_diff_key(array_flip($own), $files) === []) {
                $files[$class] = $file;
            }
        }

        return array_values($files);
    }

    /** Whether a class is PHP's own, or somebody's in a file. */
    private static function isWritten(string $class): bool
    {
        assert(class_exists($class) || interface_exists($class) || trait_exists($class));

        return (new ReflectionClass($class))->getFileName() !== false;
    }
}
