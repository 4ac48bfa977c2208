// An independent peer on Modbus TCP: `client PORT` asks a device and prints what it answers, `server PORT` is one, for twenty seconds.
import modbus from 'modbus-serial';

const { default: Client = modbus, ServerTCP = modbus.ServerTCP } = modbus;
const [, , role, port] = process.argv;

if (role === 'server') {
    const held = new Map();
    const vector = {
        getInputRegister: (address) => 1000 + address,
        getHoldingRegister: (address) => held.get(address) ?? 0,
        setRegister: (address, value) => held.set(address, value),
    };
    const server = new ServerTCP(vector, { host: '127.0.0.1', port: Number(port), unitID: 7 });
    server.on('socketError', () => undefined);
    setTimeout(() => process.exit(0), 20_000);
} else {
    const client = new Client();
    await client.connectTCP('127.0.0.1', { port: Number(port) });
    client.setTimeout(2000);
    const said = {};
    client.setID(1);
    await client.writeRegister(2, 1);
    await client.writeRegisters(0, [1, 77]);
    said.holding = (await client.readHoldingRegisters(0, 4)).data;
    const input = await client.readInputRegisters(0, 28);
    said.status = input.data[0];
    said.volts = input.buffer.readFloatBE(4);
    said.amps = input.buffer.readFloatBE(16);
    client.setID(4);
    said.identification = (await client.readDeviceIdentification(1, 0)).data;
    for (const [name, ask] of Object.entries({
        address: () => client.readInputRegisters(900, 2),
        function: () => client.readCoils(0, 1),
        value: () => client.setID(1) ?? client.writeRegister(2, 9),
        unit: () => client.setID(9) ?? client.readInputRegisters(0, 1),
    })) {
        said[name] = await ask().then(() => 0, (error) => error.modbusCode ?? error.message);
    }
    console.log(JSON.stringify(said));
    client.close(() => process.exit(0));
}
