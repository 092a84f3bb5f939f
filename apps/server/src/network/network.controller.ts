import { HouseNetwork, OpenNetwork } from '@feverfew/contracts';
import { Body, Controller, Get, Header, Inject, Put, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Public, RequireRole } from '../devices/role.guard.js';
import { NetworkService } from './network.service.js';

@ApiTags('network')
@RequireRole('all')
@Controller('network')
export class NetworkController {
  constructor(@Inject(NetworkService) private readonly service: NetworkService) {}

  @Get()
  @ApiOkResponse({ standardSchema: HouseNetwork })
  read(): HouseNetwork {
    return this.service.read();
  }

  /** Opens this house to other devices, or shuts it. */
  @Put()
  @ApiOkResponse({ standardSchema: HouseNetwork })
  async set(@Body({ schema: OpenNetwork }) { isOpen }: OpenNetwork): Promise<HouseNetwork> {
    return isOpen ? this.service.open() : this.service.shut();
  }

  /** The household's root certificate: a device that trusts it is on a safe line. There is no secret in it. */
  @Get('root.crt')
  @Public()
  @Header('Content-Type', 'application/x-x509-ca-cert')
  @Header('Content-Disposition', 'attachment; filename="feverfew-household.crt"')
  @ApiOkResponse({ description: 'DER' })
  root(): StreamableFile {
    return new StreamableFile(this.service.rootCertificate());
  }
}
