<?php

declare(strict_types=1);

namespace Tests\Support\Running;

use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * By the launcher itself, for the boat's network or for this machine alone, with the rights of a user of its own where this is
 * root.
 */
final class LauncherServing implements Serving
{
    /** What of the program serving reads. */
    private const PROGRAM = [
        'admek', 'artisan', 'app', 'bootstrap', 'composer.json', 'config', 'core', 'database', 'docs', 'launcher',
        'package-lock.json', 'public', 'resources', 'routes', 'stand-ins', 'svelte.config.js', 'vendor', 'vite.config.ts',
    ];

    private readonly string $folder;

    /** Where the data is. */
    private string $data;

    private string $program;

    private readonly int $port;

    private ?Process $launcher = null;

    /**
     * @param  list<string>  $options  for ./admek serve
     * @param  array<string, string>  $environment
     */
    private function __construct(private readonly array $options, private readonly array $environment = [])
    {
        $this->folder = RunningApp::temporary();
        $this->data = "{$this->folder}/data";
        mkdir($this->data, recursive: true);
        $this->port = RunningApp::freePort();
        $this->program = $this->program();
    }

    public static function boat(string ...$options): self
    {
        return new self(
            ['--boat', '--host', RunningApp::LAPTOP, '--name', RunningApp::BOAT, ...array_values($options)],
        );
    }

    public static function own(): self
    {
        return new self([]);
    }

    /** As where neither nginx nor PHP-FPM can be had. */
    public static function withoutNginx(): self
    {
        return new self([], ['ADMEK_WITHOUT_NGINX' => '1']);
    }

    /** Where serving keeps what it makes. */
    public function made(): string
    {
        return (glob("{$this->program}/storage/serving/serve-{$this->port}-*") ?: [''])[0];
    }

    /** @return list<string> what nginx has on the disk of bodies that are on their way */
    public function passing(): array
    {
        return glob("{$this->made()}/passing/client_body/*") ?: [];
    }

    /** Its data in another folder, which is made. */
    public function keptIn(string $data): self
    {
        mkdir($data);
        $this->data = $data;

        return $this;
    }

    /** A copy of the program whose storage is another folder, which is made. */
    public function madeIn(string $storage): self
    {
        mkdir($storage);
        $this->program = $this->copy();
        symlink($storage, "{$this->program}/storage");

        return $this;
    }

    public function database(): string
    {
        return "{$this->data}/admek.sqlite";
    }

    public function port(): int
    {
        return $this->port;
    }

    public function start(array $otherwise = []): void
    {
        $this->begin($otherwise);
        Wait::until(fn (): bool => $this->launcher?->isRunning() !== true
            || str_contains($this->launcher->getOutput(), 'Admek is at'), "the launcher on port {$this->port}");
        if ($this->launcher?->isRunning() !== true) {
            throw new RuntimeException("Admek did not start: {$this->said()}");
        }
    }

    /**
     * Starts it, and waits for nothing.
     *
     * @param  array<string, string>  $otherwise  of its environment
     */
    public function begin(array $otherwise = []): void
    {
        $this->launcher = new Process(
            ['./admek', 'serve', '--port', (string) $this->port, ...$this->options],
            $this->program, $otherwise + $this->environment + ['ADMEK_DATA' => $this->data], timeout: null,
        );
        $this->launcher->start();
    }

    public function stop(): void
    {
        $this->launcher?->stop(10, SIGTERM);
        $this->launcher = null;
        // A launcher that was killed has ended nothing.
        foreach ($this->groups() as $group) {
            posix_kill(-$group, SIGKILL);
        }
        Wait::until(fn (): bool => @fsockopen(RunningApp::LAPTOP, $this->port) === false, 'the server to stop');
    }

    /** What the launcher has said of what it watches. */
    public function said(): string
    {
        return (string) $this->launcher?->getErrorOutput();
    }

    /** What the launcher has told whoever started it. */
    public function told(): string
    {
        return (string) $this->launcher?->getOutput();
    }

    /** By what they were started with, which names the port or the data. */
    public function groups(): array
    {
        $groups = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $words = str_replace("\0", ' ', (string) @file_get_contents($file));
            $process = (int) explode('/', $file)[2];
            $ours = str_contains($words, "storage/serving/serve-{$this->port}-")
                || str_contains($words, ' -S '.RunningApp::LAPTOP.":{$this->port} ")
                || (str_contains($words, ' admek:hub ') && $this->isOurs($process));
            if ($ours && posix_getpgid($process) === $process) {
                $groups[] = $process;
            }
        }

        return $groups;
    }

    /** Whether a process was given this data. */
    private function isOurs(int $process): bool
    {
        return str_contains((string) @file_get_contents("/proc/{$process}/environ"), "ADMEK_DATABASE={$this->database()}\0");
    }

    /** @return list<int> processes those began */
    public function workers(): array
    {
        $workers = [];
        $groups = $this->groups();
        foreach (glob('/proc/[0-9]*') ?: [] as $folder) {
            $process = (int) basename($folder);
            if (in_array(posix_getpgid($process), $groups, true) && ! in_array($process, $groups, true)) {
                $workers[] = $process;
            }
        }

        return $workers;
    }

    /** Bytes the largest of them has taken at most since it was asked last, what they share among it. */
    public function most(): int
    {
        $most = 0;
        foreach ($this->workers() as $worker) {
            preg_match('/^VmHWM:\s+(\d+) kB/m', (string) @file_get_contents("/proc/{$worker}/status"), $told);
            $most = max($most, 1024 * (int) ($told[1] ?? 0));
            // Has the kernel begin anew (proc(5), clear_refs).
            @file_put_contents("/proc/{$worker}/clear_refs", '5');
        }

        return $most;
    }

    public function runs(): bool
    {
        return $this->launcher?->isRunning() === true;
    }

    public function launcher(): int
    {
        return $this->launcher?->getPid() ?? throw new RuntimeException("The launcher ended by itself: {$this->said()}");
    }

    public function end(): void
    {
        $this->stop();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** Where its own user may read it: here, or a copy where this folder is for nobody else. */
    private function program(): string
    {
        if (posix_geteuid() !== 0 || self::isOpen(RunningApp::root())) {
            return RunningApp::root();
        }

        return $this->copy();
    }

    private function copy(): string
    {
        $copy = "{$this->folder}/program";
        mkdir($copy);
        foreach (self::PROGRAM as $part) {
            (new Process(['cp', '-a', RunningApp::root()."/{$part}", $copy]))->mustRun();
        }

        return $copy;
    }

    private static function isOpen(string $folder): bool
    {
        for (; $folder !== '/'; $folder = dirname($folder)) {
            if ((fileperms($folder) & 0o005) !== 0o005) {
                return false;
            }
        }

        return true;
    }
}
